import { Box, chakra } from '@chakra-ui/react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { tone, useParameter } from './parameters';

export interface Ranked {
    /** Best known first; those of which nothing can be told come last. */
    changes: {
        id: number;
        t: number;
        lane: string;
        text: string;
        known: number | null;
        answers: { parameter: string; verdict: string; figure: string }[];
    }[];
    /** How many there are; the newest of them are judged. */
    total: number;
}

/** What each change did, those first of which most is known. */
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
    const firstUnknown = ranked.changes.findIndex((change) => change.known === null);
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
            <chakra.table width="100%" fontSize="sm">
                <chakra.caption srOnly>Changes with what each did, best known first</chakra.caption>
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
                    {ranked.changes.map((change, i) => (
                        <chakra.tr
                            key={change.id}
                            borderTopWidth={i === firstUnknown && i > 0 ? '1.5px' : '0'}
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
                                        fontWeight={answer.figure === '' ? '400' : '700'}
                                        color={answer.figure === '' ? 'quiet' : tone(parameter(answer.parameter))}
                                    >
                                        {answer.verdict}
                                    </Box>
                                    <Box fontFamily="figure" fontSize="xs">
                                        {answer.figure}
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
