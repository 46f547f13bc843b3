import { Box, chakra } from '@chakra-ui/react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { tone, useParameter } from './parameters';

export interface Ranked {
    /** The newest first. */
    changes: {
        id: number;
        t: number;
        lane: string;
        text: string;
        answers: { parameter: string; verdict: string; figure: string; odds: string; standsOut: boolean }[];
    }[];
    /** How many there are; the newest of them are judged. */
    total: number;
    /** Answers that could be given. */
    judged: number;
}

/** What each change did, and which answers stand out of what chance brings among so many. */
export function ChangesTable({
    ranked,
    picked,
    onPick,
}: {
    ranked: Ranked;
    picked: number | null;
    onPick: (id: number) => void;
}) {
    const dates = useDates();
    const parameter = useParameter();
    const heads = ranked.changes[0]?.answers ?? [];
    if (ranked.changes.length === 0) {
        return <p>Nothing was changed in this time.</p>;
    }
    return (
        <Box overflowX="auto" position="relative" tabIndex={0} role="region" aria-label="Changes and what they did">
            {ranked.total > ranked.changes.length && (
                <chakra.p fontSize="sm" color="quiet" mb="2">
                    The newest {ranked.changes.length} of {ranked.total} changes are judged here.
                </chakra.p>
            )}
            {ranked.judged > 3 && (
                <chakra.p fontSize="sm" color="quiet" mb="2" maxWidth="46rem">
                    Bold answers stand out among all {ranked.judged} that could be given. The others may have come by
                    chance.
                </chakra.p>
            )}
            <chakra.table width="100%" fontSize="sm">
                <chakra.caption srOnly>Changes with what each did, newest first</chakra.caption>
                <thead>
                    <chakra.tr borderBottomWidth="1.5px" textAlign="left">
                        <chakra.th scope="col" py="1.5" pr="4">
                            Change
                        </chakra.th>
                        {heads.map((answer) => (
                            <chakra.th key={answer.parameter} scope="col" pr="4" textTransform="capitalize">
                                {parameter(answer.parameter).name}
                            </chakra.th>
                        ))}
                    </chakra.tr>
                </thead>
                <tbody>
                    {ranked.changes.map((change) => (
                        <chakra.tr
                            key={change.id}
                            borderBottomWidth="1px"
                            verticalAlign="top"
                            bg={change.id === picked ? 'water' : undefined}
                        >
                            <chakra.td py="1" pr="4">
                                <Button
                                    look="plain"
                                    px="0"
                                    minH={{ base: '44px', md: '24px' }}
                                    whiteSpace="normal"
                                    textAlign="left"
                                    aria-current={change.id === picked ? 'true' : undefined}
                                    onClick={() => onPick(change.id)}
                                >
                                    {change.text}
                                </Button>
                                <Box color="quiet">{dates.day(change.t)}</Box>
                            </chakra.td>
                            {change.answers.map((answer) => (
                                <chakra.td key={answer.parameter} py="1" pr="4">
                                    <Box
                                        fontWeight={answer.standsOut ? '700' : '400'}
                                        color={answer.standsOut ? tone(parameter(answer.parameter)) : 'quiet'}
                                    >
                                        {answer.verdict}
                                    </Box>
                                    <Box fontFamily="figure" fontSize="xs">
                                        {answer.figure}
                                    </Box>
                                    <Box fontSize="xs" color="quiet">
                                        {answer.odds}
                                    </Box>
                                </chakra.td>
                            ))}
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </Box>
    );
}
