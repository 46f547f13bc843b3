import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../../lib/shopLength';
import { useUnits } from '../../lib/figures';
import { type SectionView, type TypedSection } from '../types';
import { Stroke, Text, ink } from './marks';

/** Where the parts of the plumbing are on the sketch: the way drawn for each, and where its words stand. */
const PARTS: { id: string; name: string; d: string; x: number; y: number; anchor: 'start' | 'end' }[] = [
    { id: '#overflow', name: 'Overflow', d: 'M300 44V92H330', x: 228, y: 56, anchor: 'end' },
    { id: '#drain', name: 'Drain', d: 'M318 92V214', x: 306, y: 140, anchor: 'end' },
    { id: '#emergency', name: 'Emergency pipe', d: 'M346 60V206', x: 358, y: 146, anchor: 'start' },
    { id: '#return', name: 'Return pipe', d: 'M640 236V36H560V52', x: 652, y: 120, anchor: 'start' },
    { id: '#pump', name: 'Return pump', d: 'M622 232H658V256H622Z', x: 716, y: 222, anchor: 'start' },
];

/** The pipes between display and sump, not to scale, with their figures where they belong. */
export function PipeSketch({
    view,
    section,
    unit,
    picked,
    onPick,
}: {
    view: SectionView;
    section: TypedSection;
    unit: string;
    picked: string | null;
    onPick: (id: string) => void;
}) {
    const { show, unit: of } = useUnits();
    const { plumbing } = section;
    const { flow } = view;
    const length = (name: string, typed: string | undefined) =>
        typed === undefined || typed === '' ? [] : [`${name} ${typed} ${unit}`];
    const says: Record<string, string[]> = {
        '#overflow': [
            ...length('edge', plumbing.overflowMm),
            ...(flow.overflowHeadMm === null ? [] : [`${shopLength(flow.overflowHeadMm, unit)} ${unit} over it`]),
        ],
        '#drain': [
            ...length('bore', plumbing.drainBoreMm),
            ...length('fall', plumbing.drainFallMm),
            ...(flow.drainLitresPerHour === null ? [] : [`carries ${show(flow.drainLitresPerHour, 'flow')}`]),
        ],
        '#emergency': [
            ...length('bore', plumbing.emergencyBoreMm),
            ...length('fall', plumbing.emergencyFallMm),
            ...(flow.emergencyLitresPerHour === null ? [] : [`carries ${show(flow.emergencyLitresPerHour, 'flow')}`]),
        ],
        '#return': [
            ...length('bore', plumbing.boreMm),
            ...length('lift', plumbing.liftMm),
            ...(flow.litresPerHour === null ? [] : [show(flow.litresPerHour, 'flow')]),
        ],
        '#pump': [
            ...(plumbing.pumpLitresPerHour ? [`most ${plumbing.pumpLitresPerHour} ${of('flow')}`] : []),
            ...(plumbing.pumpHeadMetres ? [`to ${plumbing.pumpHeadMetres} ${of('head')}`] : []),
        ],
    };
    return (
        <Box overflowX="auto">
            <chakra.svg
                viewBox="0 0 900 290"
                width={{ base: 'auto', md: '100%' }}
                height={{ base: '200px', md: 'auto' }}
                maxW="none"
                display="block"
                role="group"
                aria-label="The pipes between display and sump, a sketch"
                fontSize="12px"
                fontFamily="figure"
            >
                <rect x="240" y="52" width="360" height="76" fill={ink('water')} />
                <Stroke d="M240 30V128H600V30" colour="ink" width={3} />
                <Text x={420} y={116} anchor="middle" quiet>
                    display
                </Text>
                <rect x="270" y="222" width="430" height="46" fill={ink('water')} />
                <Stroke d="M270 190V268H700V190" colour="ink" width={3} />
                <Text x={480} y={258} anchor="middle" quiet>
                    sump
                </Text>
                {PARTS.map(({ id, name, d, x, y, anchor }) => (
                    <g
                        key={id}
                        role="button"
                        tabIndex={0}
                        aria-label={[name, ...(says[id] ?? [])].join(', ')}
                        data-pipe={id}
                        style={{ cursor: 'pointer' }}
                        onFocus={() => onPick(id)}
                        onClick={() => onPick(id)}
                    >
                        <Stroke d={d} colour={picked === id ? 'kelp' : 'deep'} width={picked === id ? 7 : 5} />
                        <Stroke d={d} colour="transparent" width={22} />
                        <Text x={x} y={y} anchor={anchor} halo>
                            {name}
                        </Text>
                        {(says[id]?.length === 0 ? ['not given'] : (says[id] ?? [])).map((line, i) => (
                            <Text key={line} x={x} y={y + 15 * (i + 1)} anchor={anchor} quiet halo>
                                {line}
                            </Text>
                        ))}
                    </g>
                ))}
            </chakra.svg>
        </Box>
    );
}
