import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { figure } from '../lib/figures';
import { Button } from '../parts/Button';
import { useParameter } from '../tide/parameters';
import { type Proposal } from './types';

/** Intervals that the last acts say do not fit. None takes itself. */
export function Proposals({ proposals }: { proposals: Proposal[] }) {
    const named = useParameter();
    return (
        <>
            {proposals.map((one) => (
                <Box key={`${one.system} ${one.chore}`} mb="3">
                    <p>
                        {`${one.label}, ${one.tank}: ${one.days === 1 ? 'every day' : `every ${one.days} days`} in place of every ${one.now}, because ${one.because}.`}
                    </p>
                    <chakra.p fontSize="sm" color="quiet">
                        {`${one.minutes < 0 ? 'Saves' : 'Takes'} ${figure(Math.abs(one.minutes), 1)} minutes a week. `}
                        {one.expected !== null &&
                            `In ${one.weeks} weeks: ${Object.keys(one.expected.then)
                                .map(
                                    (key) =>
                                        `${named(key).name} ${one.expected?.then[key] ?? ''}, else ${one.expected?.now[key] ?? ''}`,
                                )
                                .join('; ')}.`}
                    </chakra.p>
                    {one.mayAccept && (
                        <Button
                            mt="1"
                            onClick={() =>
                                router.put(
                                    `/systems/${one.system}/care/${one.chore}`,
                                    { days: String(one.days), why: one.because },
                                    { preserveScroll: true },
                                )
                            }
                        >
                            {one.days === 1 ? 'Take every day' : `Take ${one.days} days`}
                        </Button>
                    )}
                </Box>
            ))}
        </>
    );
}
