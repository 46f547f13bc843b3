import { type SectionView } from '../types';
import { Stroke, Text } from './marks';
import { LEFT } from './scale';

/** Where the water comes to rest in a power cut, with its word beside the sump, so that no baffle runs through it. */
export function PowerCutLine({
    view,
    perMm,
    y,
    mm,
}: {
    view: SectionView;
    perMm: number;
    y: (mm: number) => number;
    mm: (value: number) => string;
}) {
    const cut = Math.max(...view.states.powerCut.levels);
    const over = cut > view.heightMm;
    const length = view.lengthMm * perMm;
    const at = y(Math.min(cut, view.heightMm));
    return (
        <>
            {!over && <Stroke d={`M${LEFT} ${at}h${length}`} colour="fault" width={1.2} dash="5 4" />}
            <Text x={LEFT + length + 14} y={at - 3} anchor="start" fault>
                {`power cut ${mm(cut)}`}
            </Text>
            <Text x={LEFT + length + 14} y={at + 12} anchor="start" fault>
                {over ? 'over the rim' : `${mm(view.water.marginMm)} to the rim`}
            </Text>
        </>
    );
}
