import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type KeyboardEvent, type SyntheticEvent, useState } from 'react';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { type Trial } from './types';

/** The sheet of one day: a field for each unit, filled by keys or on a phone; Enter goes to the next. */
export function Grid({ trial, systemId }: { trial: Trial; systemId: number }) {
    const open = trial.days.filter((one) => one <= (trial.day ?? 0));
    const [day, setDay] = useState(open.find((one) => one === trial.next) ?? open.at(-1) ?? 0);
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
    const pick = (picked: number) => {
        setDay(picked);
        setTyped({});
        setErrors({});
    };
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        router.put(
            `/systems/${systemId}/trials/${trial.id}/readings`,
            { cells: Object.fromEntries(Object.entries(typed).map(([unit, text]) => [`${unit} ${day}`, text])) },
            {
                preserveScroll: true,
                onError: setErrors,
                onSuccess: () => {
                    setTyped({});
                    setErrors({});
                },
            },
        );
    };
    const next = (event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === 'Enter') {
            event.preventDefault();
            const fields = [...(event.currentTarget.form?.querySelectorAll('input') ?? [])];
            const follows = fields[fields.indexOf(event.currentTarget) + 1];
            if (follows) {
                follows.focus();
            } else {
                event.currentTarget.form?.requestSubmit();
            }
        }
    };
    if (open.length === 0) {
        return null;
    }
    return (
        <chakra.form aria-label="Readings of a day" onSubmit={submit} _print={{ display: 'none' }}>
            <Box maxWidth="14rem" mb="2">
                <ChoiceField
                    label="Day"
                    value={String(day)}
                    options={open.map((one) => [String(one), one === trial.next ? `day ${one}, next` : `day ${one}`])}
                    onPick={(picked) => pick(Number(picked))}
                />
            </Box>
            <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(8.5rem, 1fr))" gap="2">
                {trial.units.map(({ unit, arm, cells }) => {
                    const error = errors[`cells.${unit} ${day}`];
                    return (
                        <chakra.label key={unit} display="grid" fontSize="sm">
                            <span>
                                <b>{unit}</b>
                                {arm === null ? '' : ` ${trial.arms[arm] ?? ''}`}
                            </span>
                            <chakra.input
                                value={typed[unit] ?? cells[day] ?? ''}
                                aria-invalid={error !== undefined}
                                onChange={(event) => setTyped({ ...typed, [unit]: event.target.value })}
                                onKeyDown={next}
                                maxLength={80}
                                minH={{ base: '44px', md: '34px' }}
                                px="2"
                                bg="raised"
                                borderWidth="1px"
                                borderColor={error === undefined ? 'edge' : 'fault'}
                                borderRadius="3px"
                                fontFamily="figure"
                                fontSize={{ base: '16px', md: 'sm' }}
                                width="100%"
                            />
                        </chakra.label>
                    );
                })}
            </Box>
            {Object.values(errors).map((sentence) => (
                <chakra.p key={sentence} role="alert" color="fault" fontSize="sm">
                    {sentence}
                </chakra.p>
            ))}
            <chakra.p fontSize="sm" color="quiet" my="1">
                8.5, or &lt;0.5, or 8.5 cloudy, or missing: why. Enter goes to the next unit.
            </chakra.p>
            <Button type="submit" look="solid" minH={{ base: '44px', md: '36px' }}>
                Save the day
            </Button>
        </chakra.form>
    );
}
