import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { type Basis, type Finding } from '../lib/page';
import { BasisNote } from './BasisNote';
import { FindingList } from './FindingList';

/** What the preview route makes of a draft: the volume, or a sentence for each field that cannot be read. */
export interface TankDraft {
    view: Volume | null;
    problems: Record<string, string>;
}

export interface Volume {
    parts: { code: string; label: string; litres: number; basis: Basis | null; isDrawn: boolean }[];
    litres: number;
    kilograms: number;
    turnoverPerHour: number | null;
    findings: Finding[];
}

/** The working volume as a sum, part by part, with what it means for the filter. */
export function WorkingVolume({ volume, stale }: { volume: Volume | null; stale: boolean }) {
    const { show, amount, unit } = useUnits();
    if (volume === null) {
        return (
            <>
                <chakra.h2 fontSize="lg" mb="2">
                    Working volume
                </chakra.h2>
                <chakra.p color="quiet">
                    Enter the size of the display to see the water that doses really meet: the display less what sand
                    and rock displace, plus sump and plumbing.
                </chakra.p>
            </>
        );
    }
    return (
        <Box aria-live="polite">
            <chakra.h2 fontSize="lg">Working volume</chakra.h2>
            {stale && (
                <Box color="caution" fontSize="sm" fontWeight="600">
                    As last saved; a figure on the left cannot be read yet.
                </Box>
            )}
            <Box fontFamily="figure" fontSize="2xl" lineHeight="1.3">
                {show(volume.litres, 'volume')}
            </Box>
            <chakra.table width="100%" fontSize="sm" mb="4" mt="2">
                <chakra.caption srOnly>Parts of the working volume</chakra.caption>
                <tbody>
                    {volume.parts
                        .filter((part) => part.litres !== 0)
                        .map((part, i) => (
                            <chakra.tr key={part.code} borderBottomWidth="1px">
                                <chakra.th scope="row" textAlign="left" fontWeight="400" py="1.5">
                                    {part.label}
                                    {part.basis !== null && (
                                        <>
                                            {' '}
                                            <BasisNote basis={part.basis} />
                                        </>
                                    )}
                                    {part.isDrawn && <chakra.span color="quiet">, from the drawn sump</chakra.span>}
                                </chakra.th>
                                <chakra.td
                                    textAlign="right"
                                    fontFamily="figure"
                                    verticalAlign="top"
                                    py="1.5"
                                    whiteSpace="nowrap"
                                >
                                    {i === 0
                                        ? amount(part.litres, 'volume')
                                        : (part.litres < 0 ? '−' : '+') + amount(Math.abs(part.litres), 'volume')}{' '}
                                    {unit('volume')}
                                </chakra.td>
                            </chakra.tr>
                        ))}
                    <chakra.tr>
                        <chakra.th scope="row" textAlign="left" py="1.5">
                            Its mass
                        </chakra.th>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {show(volume.kilograms * 1000, 'mass')}
                        </chakra.td>
                    </chakra.tr>
                    {volume.turnoverPerHour !== null && (
                        <tr>
                            <chakra.th scope="row" textAlign="left" py="1.5">
                                Turnover
                            </chakra.th>
                            <chakra.td textAlign="right" fontFamily="figure">
                                {figure(volume.turnoverPerHour, 1)} /h
                            </chakra.td>
                        </tr>
                    )}
                </tbody>
            </chakra.table>
            <FindingList findings={volume.findings} />
        </Box>
    );
}
