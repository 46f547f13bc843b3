import { type SectionView } from '../types';
import { Stroke, Text } from './marks';
import { type Scale, frontMm } from './scale';

/**
 * Where the water comes to rest in a power cut, in the chambers where it stands that high, with its word beside the sump. It asks for
 * attention only where a finding does.
 */
export function PowerCutLine({
    view,
    scale,
    y,
    mm,
}: {
    view: SectionView;
    scale: Scale;
    y: (mm: number) => number;
    mm: (value: number) => string;
}) {
    const { levels } = view.states.powerCut;
    const cut = Math.max(...levels);
    const over = cut > view.heightMm;
    const finding = view.findings.find(({ code }) => code.startsWith('power-cut'));
    const colour = finding?.severity === 'fault' || finding?.severity === 'caution' ? finding.severity : 'quiet';
    const whole = scale.span(-frontMm(view), view.lengthMm);
    const beside = whole.x + whole.width + 14;
    const at = y(Math.min(cut, view.heightMm));
    const says = over
        ? 'over the rim'
        : view.water.marginMm === null
          ? 'or higher'
          : `${mm(view.water.marginMm)} to the rim`;
    return (
        <>
            {!over &&
                view.chambers.map((chamber, i) => {
                    const { x, width } = scale.span(chamber.fromMm, chamber.toMm);
                    return (
                        cut - (levels[i] ?? 0) < 0.5 && (
                            <Stroke key={i} d={`M${x} ${at}h${width}`} colour={colour} width={1.2} dash="5 4" />
                        )
                    );
                })}
            <Text x={beside} y={at - 3} anchor="start" colour={colour}>
                {`power cut ${mm(cut)}`}
            </Text>
            <Text x={beside} y={at + 12} anchor="start" colour={colour}>
                {says}
            </Text>
        </>
    );
}
