import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Button } from '../parts/Button';
import { type Tank } from './types';

const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

/** Weekdays without work: what is due on one moves to the day before. */
export function DaysOff({ tank }: { tank: Tank }) {
    const [off, setOff] = useState(tank.daysOff);
    const [refused, setRefused] = useState<string>();
    return (
        <chakra.details borderTopWidth="1px" pt="3">
            <chakra.summary cursor="pointer" fontSize="lg" fontWeight="700" minH={{ base: '44px', md: '28px' }}>
                Days off
            </chakra.summary>
            <chakra.form
                aria-label={`Days off, ${tank.name}`}
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(
                        `/systems/${tank.id}/care/plan`,
                        { off },
                        {
                            preserveScroll: true,
                            onError: (errors) => setRefused(errors['off']),
                            onSuccess: () => setRefused(undefined),
                        },
                    );
                }}
            >
                <chakra.p fontSize="sm" color="quiet">
                    {tank.name}. A task that is due on a day off moves to the day before.
                </chakra.p>
                <Box display="flex" flexWrap="wrap" columnGap="3" my="1">
                    {WEEKDAYS.map((name, n) => (
                        <chakra.label
                            key={name}
                            display="flex"
                            gap="1"
                            alignItems="center"
                            minH={{ base: '44px', md: '28px' }}
                        >
                            <input
                                type="checkbox"
                                checked={off.includes(n + 1)}
                                onChange={(event) =>
                                    setOff(event.target.checked ? [...off, n + 1] : off.filter((one) => one !== n + 1))
                                }
                            />
                            {name}
                        </chakra.label>
                    ))}
                </Box>
                {refused !== undefined && (
                    <chakra.p role="alert" color="fault" fontSize="sm">
                        {refused}
                    </chakra.p>
                )}
                <Button type="submit" minH={{ base: '44px', md: '32px' }}>
                    Set
                </Button>
            </chakra.form>
        </chakra.details>
    );
}
