import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../lib/shopLength';
import { ColumnHeads } from '../parts/ColumnHeads';
import { type Choices, type CutPanel } from './types';

/** Where a baffle is ticked off by hand, on paper. */
const SIDES = ['front', 'back'];

/** What is cut: how many of each, how large, and where each baffle is set; on paper with a box to tick for front and back. */
export function CutTable({ panels, length }: { panels: CutPanel[]; length: Choices['length'] }) {
    const mm = (value: number | null) => (value === null || value === 0 ? '' : shopLength(value, length.unit));
    const columns = ['piece', 'how many', 'width', 'height', 'thick', 'inside', 'from outside', 'over the floor'];
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Pieces to cut">
            <chakra.table width="100%" fontSize="sm" minW="680px">
                <chakra.caption srOnly>Pieces to cut, in {length.unit}</chakra.caption>
                <ColumnHeads names={columns.map((name, i) => (i > 1 ? `${name}, ${length.unit}` : name))}>
                    {SIDES.map((side) => (
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
                                    {panel.note}
                                </Box>
                            </chakra.th>
                            {[
                                String(panel.count),
                                mm(panel.widthMm),
                                mm(panel.heightMm),
                                mm(panel.thicknessMm),
                                panel.insideMm === 0 ? '0' : mm(panel.insideMm),
                                mm(panel.outsideMm),
                                mm(panel.overFloorMm ?? null),
                            ].map((value, i) => (
                                <chakra.td key={i} textAlign="right" fontFamily="figure" pl="3" whiteSpace="nowrap">
                                    {value}
                                </chakra.td>
                            ))}
                            {SIDES.map((side) => (
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
