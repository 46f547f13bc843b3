import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type KeyboardEvent, type SyntheticEvent, useState } from 'react';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { TableForm } from './TableForm';
import { type Trial } from './types';

/** The sheet of one day: a field for each unit, filled by keys or on a phone; Enter goes to the next. */
export function Grid({ trial, systemId }: { trial: Trial; systemId: number }) {
    const open = trial.days.filter((one) => one <= (trial.day ?? 0));
    const [day, setDay] = useState(open.find((one) => one === trial.next) ?? open.at(-1) ?? 0);
    const [at, setAt] = useState(0);
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
    const parameter = trial.reads[at]?.parameter ?? '';
    const clear = () => {
        setTyped({});
        setErrors({});
    };
    const submit = (event: SyntheticEvent) => {
        event.preventDefault();
        router.put(
            `/systems/${systemId}/trials/${trial.id}/readings`,
            {
                cells: Object.fromEntries(
                    Object.entries(typed).map(([unit, text]) => [`${parameter} ${unit} ${day}`, text]),
                ),
            },
            { preserveScroll: true, onError: setErrors, onSuccess: clear },
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
        <Box _print={{ display: 'none' }}>
            <chakra.form aria-label="Readings of a day" onSubmit={submit}>
                <Box display="flex" flexWrap="wrap" gap="3" mb="2">
                    <ChoiceField
                        label="Day"
                        value={String(day)}
                        options={open.map((one) => [
                            String(one),
                            one === trial.next ? `day ${one}, next` : `day ${one}`,
                        ])}
                        onPick={(picked) => {
                            setDay(Number(picked));
                            clear();
                        }}
                    />
                    {trial.reads.length > 1 && (
                        <ChoiceField
                            label="Parameter"
                            value={String(at)}
                            options={trial.reads.map(({ label }, n) => [String(n), label])}
                            onPick={(picked) => {
                                setAt(Number(picked));
                                clear();
                            }}
                        />
                    )}
                </Box>
                <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(8.5rem, 1fr))" gap="2">
                    {trial.units.map(({ unit, arm, sheet }) => {
                        const error = errors[`cells.${parameter} ${unit} ${day}`];
                        return (
                            <chakra.label key={unit} display="grid" fontSize="sm">
                                <span>
                                    <b>{unit}</b>
                                    {arm === null ? '' : ` ${trial.arms[arm] ?? ''}`}
                                </span>
                                <chakra.input
                                    value={typed[unit] ?? sheet[at]?.cells[day] ?? ''}
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
            <TableForm
                at={`/systems/${systemId}/trials/${trial.id}/table`}
                units={trial.units.map(({ unit }) => unit)}
            />
        </Box>
    );
}
