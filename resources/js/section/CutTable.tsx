import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../lib/shopLength';
import { ColumnHeads } from '../parts/ColumnHeads';
import { type Choices, type CutPanel } from './types';

/** Where a baffle is ticked off by hand, on paper. */
const SIDES = ['front', 'back'];

type Reads = (value: number | null | undefined) => string;

/** What is said beside a piece: its note, its edges, and where its holes are cut. */
function besides(panel: CutPanel, mm: Reads): string {
    const holes = panel.holes.map(
        (hole) =>
            `${hole.isRound ? `⌀ ${mm(hole.lengthMm)}` : `${mm(hole.lengthMm)} × ${mm(hole.widthMm)}`} at ${mm(hole.xMm)}, ${mm(hole.yMm)}`,
    );
    return [
        panel.note,
        panel.edges,
        holes.length === 0 ? '' : `centres of holes from the lower left corner: ${holes.join('; ')}`,
    ]
        .filter(Boolean)
        .join('; ');
}

/** What is cut: how many of each, of what, how large, and where it is set; on paper with a box to tick for front and back. */
export function CutTable({ panels, length }: { panels: CutPanel[]; length: Choices['length'] }) {
    const mm: Reads = (value) => (value == null || value === 0 ? '' : shopLength(value, length.unit));
    return (
        <>
            <Box display={{ base: 'block', md: 'none' }} _print={{ display: 'none' }}>
                <PanelCards panels={panels} mm={mm} unit={length.unit} />
            </Box>
            <Box display={{ base: 'none', md: 'block' }} _print={{ display: 'block' }}>
                <PanelTable panels={panels} mm={mm} unit={length.unit} />
            </Box>
        </>
    );
}

/** On a phone, each piece in two lines. */
function PanelCards({ panels, mm, unit }: { panels: CutPanel[]; mm: Reads; unit: string }) {
    return (
        <chakra.ul listStyleType="none" aria-label={`Pieces to cut, in ${unit}`}>
            {panels.map((panel) => {
                const places = [
                    panel.insideMm === null ? '' : `inside ${mm(panel.insideMm) || '0'}`,
                    panel.outsideMm === null ? '' : `from outside ${mm(panel.outsideMm)}`,
                    panel.overFloorMm == null ? '' : `${mm(panel.overFloorMm)} over the floor`,
                ].filter(Boolean);
                return (
                    <Box as="li" key={panel.id} borderTopWidth="1px" py="1.5" fontSize="sm">
                        <b>
                            {panel.count > 1 && `${panel.count} × `}
                            {panel.label}
                        </b>
                        <Box fontFamily="figure">
                            {[panel.widthMm, panel.heightMm, panel.thicknessMm]
                                .filter((value) => value > 0)
                                .map(mm)
                                .join(' × ')}{' '}
                            {unit}, {panel.material}
                        </Box>
                        {places.length > 0 && <Box fontFamily="figure">{places.join(', ')}</Box>}
                        <Box color="quiet">{besides(panel, mm)}</Box>
                    </Box>
                );
            })}
        </chakra.ul>
    );
}

function PanelTable({ panels, mm, unit }: { panels: CutPanel[]; mm: Reads; unit: string }) {
    const figures: [string, (panel: CutPanel) => string][] = [
        [`width, ${unit}`, (panel) => mm(panel.widthMm)],
        [`height, ${unit}`, (panel) => mm(panel.heightMm)],
        [`thick, ${unit}`, (panel) => mm(panel.thicknessMm)],
        [`inside, ${unit}`, (panel) => (panel.insideMm === 0 ? '0' : mm(panel.insideMm))],
        [`from outside, ${unit}`, (panel) => mm(panel.outsideMm)],
        [`over the floor, ${unit}`, (panel) => mm(panel.overFloorMm)],
    ];
    // What no piece has takes no column.
    const columns = figures.filter(([, says]) => panels.some((panel) => says(panel) !== ''));
    const sides = panels.some(({ insideMm }) => insideMm !== null) ? SIDES : [];
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Pieces to cut">
            <chakra.table
                width="100%"
                fontSize="sm"
                minW={{ md: '640px' }}
                css={{ '@media print': { minWidth: 0, fontSize: '8.5pt' } }}
            >
                <chakra.caption srOnly>Pieces to cut, in {unit}</chakra.caption>
                <ColumnHeads names={['piece', 'of', 'how many', ...columns.map(([name]) => name)]}>
                    {sides.map((side) => (
                        <chakra.th
                            key={side}
                            scope="col"
                            fontWeight="400"
                            pl="3"
                            display="none"
                            _print={{ display: 'table-cell' }}
                        >
                            set, {side}
                        </chakra.th>
                    ))}
                </ColumnHeads>
                <tbody>
                    {panels.map((panel) => (
                        <chakra.tr key={panel.id} borderTopWidth="1px">
                            <chakra.th scope="row" textAlign="left" py="1">
                                {panel.label}{' '}
                                <Box as="span" fontWeight="400" color="quiet">
                                    {besides(panel, mm)}
                                </Box>
                            </chakra.th>
                            <chakra.td textAlign="right" pl="3">
                                {panel.material}
                            </chakra.td>
                            {[String(panel.count), ...columns.map(([, says]) => says(panel))].map((value, i) => (
                                <chakra.td key={i} textAlign="right" fontFamily="figure" pl="3" whiteSpace="nowrap">
                                    {value}
                                </chakra.td>
                            ))}
                            {sides.map((side) => (
                                <chakra.td
                                    key={side}
                                    display="none"
                                    _print={{ display: 'table-cell' }}
                                    textAlign="center"
                                    fontSize="lg"
                                >
                                    {panel.insideMm !== null && '☐'}
                                </chakra.td>
                            ))}
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </Box>
    );
}
