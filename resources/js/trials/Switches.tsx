import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useDates } from '../lib/dates';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';
import { type TankTrial } from './types';

/** What is switched on which day, and that it was. */
export function Switches({ trial, url }: { trial: TankTrial; url: string }) {
    const next = trial.switches.find(({ isMade }) => !isMade);
    return (
        <Box mt="3">
            <chakra.h2 fontSize="lg">Switches, by lot</chakra.h2>
            <chakra.ul listStyleType="none" maxWidth="30rem">
                {trial.switches.map((one) => (
                    <chakra.li key={one.planned} display="flex" gap="3" borderBottomWidth="1px" py="1">
                        <chakra.span minW="4.5rem" fontFamily="figure">{`day ${one.day}`}</chakra.span>
                        <chakra.span flex="1">{one.isOn ? 'on' : 'off'}</chakra.span>
                        <span>
                            {one.isMade
                                ? one.day === one.planned
                                    ? 'done'
                                    : `done, planned for day ${one.planned}`
                                : ''}
                        </span>
                    </chakra.li>
                ))}
            </chakra.ul>
            {trial.state === 'running' && trial.mayLog && next !== undefined && next.day <= (trial.day ?? -1) && (
                <Done key={next.planned} of={next} url={url} />
            )}
        </Box>
    );
}

function Done({ of, url }: { of: TankTrial['switches'][number]; url: string }) {
    const dates = useDates();
    const [day, setDay] = useState(dates.today());
    const [refused, setRefused] = useState<string>();
    return (
        <chakra.form
            aria-label="A switch was made"
            display="flex"
            flexWrap="wrap"
            gap="3"
            alignItems="end"
            mt="2"
            _print={{ display: 'none' }}
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                router.post(
                    `${url}/switches/${of.planned}`,
                    { day },
                    { preserveScroll: true, onError: (errors) => setRefused(errors['day']) },
                );
            }}
        >
            <Box maxWidth="12rem">
                <TextField
                    type="date"
                    label={`Switched ${of.isOn ? 'on' : 'off'} on`}
                    value={day}
                    error={refused}
                    onText={setDay}
                />
            </Box>
            <Button type="submit" look="solid">
                Done
            </Button>
        </chakra.form>
    );
}
