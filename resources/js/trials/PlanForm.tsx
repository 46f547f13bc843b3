import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useUnits } from '../lib/figures';
import { useDraft } from '../lib/useDraft';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { TextField } from '../parts/TextField';
import { PowerTable } from './PowerTable';
import { type Power } from './types';

const EMPTY = {
    question: '',
    control: '',
    units: '3',
    litres: '',
    nitrogenMgPerDay: '',
    cyclingWeeks: '4',
    weeks: '12',
    every: '7',
    step: '',
    scatter: '',
};

/** The plan of a trial; what it can show stands next to it while it is typed. */
export function PlanForm({ systemId, parameters }: { systemId: number; parameters: [string, string][] }) {
    const { unit } = useUnits();
    const [typed, setTyped] = useState(EMPTY);
    const [parameter, setParameter] = useState(parameters[0]?.[0] ?? '');
    const [arms, setArms] = useState(['', '', '', '']);
    const [isBlind, setBlind] = useState(false);
    const [file, setFile] = useState('');
    const [errors, setErrors] = useState<Partial<Record<string, string>>>({});
    const body = { ...typed, parameter, arms, isBlind, ...(file === '' ? {} : { file }) };
    const { answer } = useDraft<Power>(`/systems/${systemId}/trials/preview`, typed.step === '' ? null : body);
    const field = (key: keyof typeof EMPTY, label: string, more: { unit?: string; help?: string } = {}) => (
        <TextField
            label={label}
            value={typed[key]}
            error={errors[key]}
            {...more}
            onText={(text) => setTyped({ ...typed, [key]: text })}
        />
    );
    return (
        <chakra.form
            aria-label="Plan a trial"
            display="grid"
            gap="3"
            maxWidth="46rem"
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                router.post(`/systems/${systemId}/trials`, body, { onError: setErrors });
            }}
        >
            {field('question', 'Question', { help: 'For example: Do the stones lower it?' })}
            <Box display="grid" gap="3" alignItems="start" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
                <ChoiceField label="What is read" value={parameter} options={parameters} onPick={setParameter} />
                {field('control', 'What the control has', { help: 'As much real surface, not bare glass' })}
                {arms.map((arm, n) => (
                    <TextField
                        key={n}
                        label={n === 0 ? 'Arm 1, the control' : `Arm ${n + 1}${n > 1 ? ', if any' : ''}`}
                        value={arm}
                        maxLength={40}
                        error={n === 0 ? errors['arms'] : undefined}
                        onText={(text) => setArms(arms.map((one, at) => (at === n ? text : one)))}
                    />
                ))}
            </Box>
            <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr 1fr' }}>
                {field('units', 'Units an arm')}
                {field('litres', 'Water of a unit', { unit: unit('volume') })}
                {field('nitrogenMgPerDay', 'Nitrogen fed', { unit: 'mg a day' })}
                {field('cyclingWeeks', 'Cycling before', { unit: 'weeks' })}
                {field('weeks', 'It runs', { unit: 'weeks' })}
                {field('every', 'Read every', { unit: 'days' })}
                {field('step', 'Step of the kit', { unit: 'ppm' })}
                {field('scatter', 'Units scatter by', { unit: 'ppm' })}
            </Box>
            <chakra.label display="flex" gap="2" alignItems="center" minH={{ base: '44px', md: '28px' }}>
                <input type="checkbox" checked={isBlind} onChange={(event) => setBlind(event.target.checked)} />
                Hide which unit has which arm until it is judged
            </chakra.label>
            {answer?.ok === true && <PowerTable power={answer.result} />}
            <chakra.p fontSize="sm" color="quiet">
                All units get the same feed, unblended. It is judged once, after its last day. Early looks are refused.
            </chakra.p>
            <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                Plan it
            </Button>
            <chakra.details>
                <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                    Open a plan from a file
                </chakra.summary>
                <input
                    type="file"
                    aria-label="Trial file"
                    accept="application/json"
                    onChange={(event) => {
                        void event.target.files?.[0]?.text().then(setFile);
                    }}
                />
                {errors['file'] !== undefined && (
                    <chakra.p role="alert" color="fault" fontSize="sm">
                        {errors['file']}
                    </chakra.p>
                )}
            </chakra.details>
        </chakra.form>
    );
}
