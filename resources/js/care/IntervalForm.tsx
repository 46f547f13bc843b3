import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';
import { type Tank, type Task } from './types';

/** Another interval for a chore, with its reason, and who does it. */
export function IntervalForm({ tank, task }: { tank: Tank; task: Task }) {
    const [days, setDays] = useState(String(task.days ?? ''));
    const [why, setWhy] = useState('');
    const [who, setWho] = useState(task.who ?? '');
    const [errors, setErrors] = useState<Record<string, string>>({});
    return (
        <chakra.details>
            <chakra.summary
                cursor="pointer"
                fontSize="sm"
                lineHeight={{ base: '44px', md: '28px' }}
                aria-label={`Interval: ${task.label}, ${tank.name}`}
            >
                Interval
            </chakra.summary>
            <chakra.form
                display="flex"
                flexWrap="wrap"
                gap="2"
                alignItems="end"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(
                        `/systems/${tank.id}/care/${task.key}`,
                        { days, why },
                        { preserveScroll: true, onError: setErrors },
                    );
                }}
            >
                <Box width="6rem">
                    <TextField
                        label="Every"
                        unit="days"
                        inputMode="numeric"
                        value={days}
                        error={errors['days']}
                        onText={setDays}
                    />
                </Box>
                <Box width="16rem">
                    <TextField label="Why" value={why} maxLength={200} error={errors['why']} onText={setWhy} />
                </Box>
                <Button type="submit">Set</Button>
            </chakra.form>
            <chakra.form
                display="flex"
                gap="2"
                alignItems="end"
                mt="1"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.put(
                        `/systems/${tank.id}/care/${task.key}/doer`,
                        { who },
                        { preserveScroll: true, onError: setErrors },
                    );
                }}
            >
                <Box width="12rem">
                    <TextField label="Who does it" value={who} maxLength={40} error={errors['who']} onText={setWho} />
                </Box>
                <Button type="submit" aria-label={`Set who does it: ${task.label}, ${tank.name}`}>
                    Set
                </Button>
            </chakra.form>
        </chakra.details>
    );
}
