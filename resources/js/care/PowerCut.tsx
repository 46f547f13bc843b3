import { Box, chakra } from '@chakra-ui/react';
import { figure } from '../lib/figures';

export interface Cut {
    oxygen: string;
    /** A line that says what is missing; null where nothing is. */
    missing: string | null;
    first: string;
    hours: number[];
    batteries: { what: string; watts: number; ampereHours: number[] }[];
    /** What a generator has to give; null where the path has no pump. */
    generator: string | null;
    cautions: string[];
}

/** What a power cut does to this tank, and which battery bridges it. */
export function PowerCut({ cut, tank }: { cut: Cut; tank: string }) {
    return (
        <chakra.details borderTopWidth="1px" pt="3">
            <chakra.summary cursor="pointer" fontSize="lg" fontWeight="700" minH={{ base: '44px', md: '28px' }}>
                Power cut
            </chakra.summary>
            <Box display="grid" gap="2" fontSize="sm" pt="1">
                <p>
                    {tank}. {cut.oxygen}
                </p>
                {cut.missing !== null && (
                    <p>
                        Press L and write, for example, <chakra.code>{cut.missing}</chakra.code>.
                    </p>
                )}
                <p>{cut.first}</p>
                {cut.generator !== null && <p>{cut.generator}</p>}
                {cut.cautions.map((caution) => (
                    <chakra.p key={caution} color="caution">
                        Caution: {caution}
                    </chakra.p>
                ))}
                <chakra.table width="100%">
                    <chakra.caption captionSide="top" textAlign="left" color="quiet">
                        12 V battery, Ah, for so many hours
                    </chakra.caption>
                    <thead>
                        <chakra.tr borderBottomWidth="1px">
                            <chakra.th scope="col" textAlign="left" fontWeight="400">
                                Keeps on
                            </chakra.th>
                            {cut.hours.map((hours) => (
                                <chakra.th key={hours} scope="col" textAlign="right" fontWeight="400">
                                    {hours} h
                                </chakra.th>
                            ))}
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {cut.batteries.map((one) => (
                            <tr key={one.what}>
                                <chakra.th scope="row" textAlign="left" fontWeight="400">
                                    {one.what}, {figure(one.watts)} W
                                </chakra.th>
                                {one.ampereHours.map((hours, n) => (
                                    <chakra.td key={cut.hours[n]} textAlign="right" fontFamily="figure">
                                        {figure(hours)}
                                    </chakra.td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </chakra.table>
            </Box>
        </chakra.details>
    );
}
