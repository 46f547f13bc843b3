import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { NUTRIENTS, type Sheet } from './types';

const STEP = 100;

/** The same journal as the tide sheet, a line an entry, newest first. */
export function JournalTable({
    systemId,
    sheet,
    onPick,
}: {
    systemId: number;
    sheet: Sheet;
    onPick: (id: number) => void;
}) {
    const [shown, setShown] = useState(STEP);
    const dates = useDates();
    const lines = [
        ...sheet.readings.map((reading) => ({
            id: reading.id,
            t: reading.t,
            lever: false,
            what: NUTRIENTS[reading.nutrient].name,
            figure: `${reading.below ? '<' : ''}${figure(reading.ppm)} ppm`,
            more: [reading.method, reading.cloudy ? 'cloudy' : null, reading.note].filter(Boolean).join(', '),
        })),
        ...sheet.changes.map((change) => ({
            id: change.id,
            t: change.t,
            lever: change.lever,
            what: change.text,
            figure: '',
            more: '',
        })),
    ].sort((a, b) => b.t - a.t || b.id - a.id);

    return (
        <Box overflowX="auto" position="relative" tabIndex={0} role="region" aria-label="Journal entries">
            <chakra.table width="100%" fontSize="sm">
                <chakra.caption srOnly>Journal entries, newest first</chakra.caption>
                <thead>
                    <chakra.tr borderBottomWidth="1.5px" textAlign="left">
                        {['When', 'What', 'Reading', 'Method and note'].map((name, i) => (
                            <chakra.th key={name} scope="col" py="1.5" pr="4" textAlign={i === 2 ? 'right' : 'left'}>
                                {name}
                            </chakra.th>
                        ))}
                        <th scope="col">
                            <chakra.span srOnly>Bin</chakra.span>
                        </th>
                    </chakra.tr>
                </thead>
                <tbody>
                    {lines.slice(0, shown).map((line) => (
                        <chakra.tr key={line.id} borderBottomWidth="1px">
                            <chakra.td py="1" pr="4" whiteSpace="nowrap" fontFamily="figure">
                                {dates.moment(line.t)}
                            </chakra.td>
                            <chakra.td pr="4">
                                {line.lever ? (
                                    <Button
                                        look="plain"
                                        px="0"
                                        minH={{ base: '44px', md: '26px' }}
                                        whiteSpace="normal"
                                        textAlign="left"
                                        onClick={() => onPick(line.id)}
                                    >
                                        {line.what}
                                    </Button>
                                ) : (
                                    line.what
                                )}
                            </chakra.td>
                            <chakra.td pr="4" textAlign="right" fontFamily="figure" whiteSpace="nowrap">
                                {line.figure}
                            </chakra.td>
                            <chakra.td pr="4" color="quiet">
                                {line.more}
                            </chakra.td>
                            <chakra.td textAlign="right">
                                <Button
                                    look="plain"
                                    minH={{ base: '44px', md: '26px' }}
                                    aria-label={`Move to the bin: ${line.what} ${line.figure}, ${dates.moment(line.t)}`}
                                    onClick={() =>
                                        router.delete(`/systems/${systemId}/journal/${line.id}`, {
                                            preserveScroll: true,
                                            preserveState: true,
                                        })
                                    }
                                >
                                    Bin
                                </Button>
                            </chakra.td>
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
            {shown < lines.length && (
                <Button mt="3" onClick={() => setShown(shown + STEP)}>
                    Show {Math.min(STEP, lines.length - shown)} more of {figure(lines.length)}
                </Button>
            )}
        </Box>
    );
}
