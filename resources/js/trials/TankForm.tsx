import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useDraft } from '../lib/useDraft';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { useFields } from '../parts/useFields';
import { type NextPlan, type TankPower } from './types';

const EMPTY = { question: '', change: '', phaseDays: '28', periods: '4', washoutDays: '3', every: '4' };

interface Props {
    systemId: number;
    tank: string;
    nutrients: [string, string][];
    forms: [string, string][];
    sides: number[];
    caution: string;
    others: [number, string][];
    from: NextPlan | null;
}

function written(value: unknown, otherwise: string): string {
    return typeof value === 'string' || typeof value === 'number' ? String(value) : otherwise;
}

/** The plan of a trial in your own tanks; next to it what it can show in them. */
export function TankForm({ systemId, tank, nutrients, forms, sides, caution, others, from }: Props) {
    const { typed, errors, setErrors, set, field } = useFields(
        () =>
            Object.fromEntries(
                Object.entries(EMPTY).map(([key, otherwise]) => [key, written(from?.plan[key], otherwise)]),
            ) as typeof EMPTY,
    );
    const [form, setForm] = useState(written(from?.plan['form'], forms[0]?.[0] ?? ''));
    const [parameter, setParameter] = useState(written(from?.plan['parameter'], nutrients[0]?.[0] ?? ''));
    const [other, setOther] = useState(String(others[0]?.[0] ?? ''));
    const body = { ...typed, form, parameter, other };
    const { answer } = useDraft<TankPower>(
        `/systems/${systemId}/trials/tank/preview`,
        typed.change === '' || typed.question === '' ? null : body,
        400,
    );
    const isSwitched = form === 'switched';
    return (
        <chakra.form
            aria-label="Plan a trial in a tank"
            display="grid"
            gap="3"
            maxWidth="46rem"
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                router.post(`/systems/${systemId}/trials`, body, { onError: setErrors });
            }}
        >
            <Box display="grid" gap="3" alignItems="start" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
                <ChoiceField label="Form" value={form} options={forms} onPick={setForm} />
                <ChoiceField label="Parameter" value={parameter} options={nutrients} onPick={setParameter} />
            </Box>
            {field('question', 'Question', { help: 'For example: Does the rubble lower it?' })}
            {field('change', 'Change', { help: 'What you add or switch on, such as “the rubble”' })}
            {form === 'paired' &&
                (others.length === 0 ? (
                    <chakra.p color="caution">Two tanks are needed. Add a second one first.</chakra.p>
                ) : (
                    <ChoiceField
                        label="Second tank"
                        value={other}
                        options={others.map(([id, name]) => [String(id), name])}
                        error={errors['other']}
                        onPick={setOther}
                    />
                ))}
            <Box
                display="grid"
                gap="3"
                gridTemplateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr 1fr' }}
                alignItems="start"
            >
                {isSwitched ? (
                    <>
                        {field('periods', 'Periods', { help: 'Half on, half off' })}
                        {field('phaseDays', 'Period', { unit: 'days' })}
                        {field('washoutDays', 'Washout', { unit: 'days', help: 'Tests then do not count' })}
                    </>
                ) : (
                    <ChoiceField
                        label="Before and after"
                        value={typed.phaseDays}
                        options={sides.map((days) => [String(days), `${days} days each`])}
                        error={errors['phaseDays']}
                        onPick={set('phaseDays')}
                    />
                )}
                {field('every', 'Test every', { unit: 'days' })}
            </Box>
            <chakra.p fontSize="sm" color="quiet">
                {isSwitched
                    ? 'A lot decides which of each two periods is on. '
                    : form === 'paired'
                      ? 'A lot decides which tank is changed, and on which day. '
                      : 'A lot decides the day of the change, so that a high level does not pick it. '}
                Your readings in the journal count. The verdict comes once, after the last day.
            </chakra.p>
            <chakra.p color="caution">{caution}</chakra.p>
            <div role="status">
                {answer?.ok === true && <Shows power={answer.result} tank={tank} isSwitched={isSwitched} />}
            </div>
            <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                Plan it
            </Button>
        </chakra.form>
    );
}

/** What a plan can show in these tanks. */
export function Shows({ power, tank, isSwitched }: { power: TankPower; tank: string; isSwitched: boolean }) {
    if (power.lacks !== null) {
        return (
            <p>
                {`What this plan can show is not known: ${power.lacks} needs six readings by one kit in the last twelve weeks.`}
            </p>
        );
    }
    return power.smallest === null ? null : (
        <p>
            <b>{`Smallest change this plan shows: ${power.smallest} a week.`}</b>
            {` It follows from how ${tank} varied in the last twelve weeks; 4 of 5 such trials show it. `}
            {isSwitched ? 'Longer periods show less than that; more periods too.' : 'More days show less than that.'}
        </p>
    );
}
