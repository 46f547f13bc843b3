import { Box, chakra } from '@chakra-ui/react';
import { figure } from '../lib/figures';
import { BasisNote } from '../parts/BasisNote';
import { type Choices, type SectionView } from './types';

/** What a workshop cuts and where each sheet is set, with the drawings to take along. */
export function Cuts({
    systemId,
    cuts,
    choices,
    ready,
}: {
    systemId: number;
    cuts: SectionView['cuts'];
    choices: Choices;
    ready: boolean;
}) {
    const { length } = choices;
    const mm = (value: number) => figure(value / length.factor, length.factor === 1 ? 1 : 3);
    return (
        <>
            <Box overflowX="auto" tabIndex={0} role="region" aria-label="Cut sheet">
                <chakra.table width="100%" fontSize="sm" minW="560px">
                    <chakra.caption srOnly>Sheets to cut, in {length.unit}</chakra.caption>
                    <thead>
                        <tr>
                            {['sheet', 'width', 'height', 'thick', 'inside', 'from outside'].map((name, i) => (
                                <chakra.th
                                    key={name}
                                    scope="col"
                                    fontWeight="400"
                                    color="quiet"
                                    textAlign={i === 0 ? 'left' : 'right'}
                                    pl={i === 0 ? '0' : '3'}
                                >
                                    {name}
                                    {i > 0 && `, ${length.unit}`}
                                </chakra.th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {cuts.map((cut) => (
                            <chakra.tr key={cut.id} borderTopWidth="1px">
                                <chakra.th scope="row" textAlign="left" py="1">
                                    {cut.label}{' '}
                                    <Box as="span" fontWeight="400" color="quiet">
                                        {cut.note}
                                    </Box>
                                </chakra.th>
                                {[cut.widthMm, cut.heightMm, cut.thicknessMm, cut.insideMm, cut.outsideMm].map(
                                    (value, i) => (
                                        <chakra.td key={i} textAlign="right" fontFamily="figure" pl="3">
                                            {mm(value)}
                                        </chakra.td>
                                    ),
                                )}
                            </chakra.tr>
                        ))}
                    </tbody>
                </chakra.table>
            </Box>
            <Box fontSize="sm" color="quiet" mt="2">
                Width is the inner width less a gap for silicone at each side (<BasisNote basis={choices.siliconeGap} />
                ). Set each sheet at the same figure front and back, top and bottom; measure from the outer face as a
                check. Blades slip and silicone fumes: gloves, air, and let the silicone cure as its maker says before
                water.
            </Box>
            <Box mt="2" fontSize="sm">
                {ready ? (
                    <>
                        Take along: <a href={`/systems/${systemId}/section/cuts.svg`}>SVG</a> ·{' '}
                        <a href={`/systems/${systemId}/section/cuts.dxf`}>DXF</a>
                    </>
                ) : (
                    'Save the sump to take the cut sheet along as SVG or DXF.'
                )}
            </Box>
        </>
    );
}
