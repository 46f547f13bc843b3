import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useUnits } from '../lib/figures';
import { useDraft } from '../lib/useDraft';
import { Button } from '../parts/Button';
import { CheckField } from '../parts/CheckField';
import { ChoiceField } from '../parts/ChoiceField';
import { TextField } from '../parts/TextField';
import { useFields } from '../parts/useFields';
import { PowerTable } from './PowerTable';
import { type NextPlan, type Power } from './types';

const EMPTY = {
    question: '',
    control: '',
    feed: '',
    stop: '',
    units: '3',
    litres: '',
    food: '',
    foodMgPerDay: '',
    nitrogenMgPerDay: '',
    cyclingWeeks: '4',
    weeks: '12',
    every: '7',
};

const ARMS = 4;
const READS = 3;

type Read = Record<'parameter' | 'kit' | 'step' | 'scatter', string>;

/** A figure or a text of a plan as it stands in a field. */
function written(value: unknown): string {
    return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}

function groups(value: unknown): Record<string, unknown>[] {
    return Array.isArray(value) ? (value as Record<string, unknown>[]) : [];
}

/** The plan of a trial in jars or boxes; next to it what it can show. */
export function PlanForm({
    systemId,
    parameters,
    units,
    foods,
    from,
}: {
    systemId: number;
    parameters: [string, string][];
    units: Record<string, string>;
    foods: [string, string][];
    from: NextPlan | null;
}) {
    const { unit, amount } = useUnits();
    const { typed, errors, setErrors, set, field } = useFields(() =>
        from === null
            ? EMPTY
            : (Object.fromEntries(
                  Object.entries(EMPTY).map(([key, otherwise]) => {
                      const value = from.plan[key];
                      return [
                          key,
                          key === 'litres' && typeof value === 'number'
                              ? amount(value, 'volume').replaceAll(',', '')
                              : written(value ?? otherwise),
                      ];
                  }),
              ) as typeof EMPTY),
    );
    const empty: Read = { parameter: parameters[0]?.[0] ?? '', kit: '', step: '', scatter: '' };
    const [reads, setReads] = useState<Read[]>(() => {
        const planned = groups(from?.plan['reads']).map((one) => ({
            parameter: written(one['parameter']),
            kit: written(one['kit']),
            step: written(one['step']),
            scatter: written(one['scatter']),
        }));
        return planned.length === 0 ? [empty] : planned;
    });
    const [arms, setArms] = useState(() => {
        const planned: unknown[] = Array.isArray(from?.plan['arms']) ? from.plan['arms'] : [];
        return Array.from({ length: ARMS }, (_, n) => written(planned[n]));
    });
    const [isBlind, setBlind] = useState(from?.plan['isBlind'] === true);
    const body = { ...typed, reads, arms, isBlind };
    const { answer } = useDraft<Power>(
        `/systems/${systemId}/trials/preview`,
        reads.some(({ step }) => step === '') ? null : body,
    );
    return (
        <chakra.form
            aria-label="Plan a trial"
            display="grid"
            rowGap="3"
            columnGap="10"
            gridTemplateColumns={{ base: '1fr', lg: 'minmax(0, 46rem) minmax(0, 1fr)' }}
            gridTemplateAreas={{ base: '"fields" "shows" "plan"', lg: '"fields shows" "plan shows"' }}
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                router.post(`/systems/${systemId}/trials`, body, { onError: setErrors });
            }}
        >
            <Box gridArea="fields" display="grid" gap="3" maxWidth="46rem">
                {field('question', 'Question', { help: 'For example: Do the stones lower it?' })}
                <Box display="grid" gap="3" alignItems="start" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
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
                    {field('control', 'Control contains', { help: 'As much real surface, not bare glass' })}
                    {field('feed', 'Feed for all units', { help: 'The same for all, unblended' })}
                </Box>
                <Box
                    display="grid"
                    gap="3"
                    gridTemplateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }}
                    alignItems="start"
                >
                    {field('units', 'Units per arm')}
                    {field('litres', 'Water per unit', { unit: unit('volume') })}
                    <ChoiceField
                        label="Food"
                        value={typed.food}
                        options={[['', 'not weighed'], ...foods]}
                        error={errors['food']}
                        onPick={set('food')}
                    />
                    {field('foodMgPerDay', 'Food per unit, mg/day')}
                    {field('nitrogenMgPerDay', 'Or its nitrogen, mg/day')}
                    {field('cyclingWeeks', 'Cycling first', { unit: 'weeks' })}
                    {field('weeks', 'Length', { unit: 'weeks' })}
                    {field('every', 'Test every', { unit: 'days' })}
                </Box>
                {reads.map((read, n) => (
                    <Read
                        key={n}
                        n={n}
                        read={read}
                        parameters={parameters}
                        unit={units[read.parameter] ?? ''}
                        errors={errors}
                        onChange={(changed) => setReads(reads.map((one, at) => (at === n ? changed : one)))}
                        onRemove={reads.length > 1 ? () => setReads(reads.filter((_, at) => at !== n)) : undefined}
                    />
                ))}
                {errors['reads'] !== undefined && (
                    <chakra.p role="alert" color="fault" fontSize="sm">
                        {errors['reads']}
                    </chakra.p>
                )}
                {reads.length < READS && (
                    <Box>
                        <Button
                            onClick={() =>
                                setReads([
                                    ...reads,
                                    {
                                        ...empty,
                                        parameter:
                                            parameters.find(
                                                ([key]) => !reads.some((one) => one.parameter === key),
                                            )?.[0] ?? '',
                                    },
                                ])
                            }
                        >
                            Test another parameter
                        </Button>
                    </Box>
                )}
                {field('stop', 'Stop early if', { help: 'For example: ammonia over 1 ppm in any unit' })}
                <CheckField label="Blind: hide the arms until the verdict" checked={isBlind} onCheck={setBlind} />
            </Box>
            <Box gridArea="shows">{answer?.ok === true && <PowerTable power={answer.result} />}</Box>
            <Box gridArea="plan" display="grid" gap="3" maxWidth="46rem">
                <chakra.p fontSize="sm" color="quiet">
                    The verdict comes once, after the last day. Early looks are refused. A trial that stops early is not
                    judged.
                </chakra.p>
                <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                    Plan it
                </Button>
            </Box>
        </chakra.form>
    );
}

function Read({
    n,
    read,
    parameters,
    unit,
    errors,
    onChange,
    onRemove,
}: {
    n: number;
    read: Read;
    parameters: [string, string][];
    unit: string;
    errors: Partial<Record<string, string>>;
    onChange: (read: Read) => void;
    onRemove: (() => void) | undefined;
}) {
    const name = n === 0 ? '' : ` ${n + 1}`;
    const set = (key: keyof Read) => (text: string) => onChange({ ...read, [key]: text });
    return (
        <Box
            display="grid"
            gap="3"
            alignItems="start"
            gridTemplateColumns={{ base: '1fr 1fr', md: '1.2fr 1.2fr 1fr 1fr auto' }}
        >
            <ChoiceField
                label={`Parameter${name}`}
                value={read.parameter}
                options={parameters}
                onPick={set('parameter')}
            />
            <TextField label={`Test kit${name}`} value={read.kit} maxLength={60} onText={set('kit')} />
            <TextField
                label={`Step of the kit${name} (${unit})`}
                value={read.step}
                error={errors[`reads.${n}.step`]}
                onText={set('step')}
            />
            <TextField
                label={`Units differ by${name} (${unit})`}
                value={read.scatter}
                error={errors[`reads.${n}.scatter`]}
                help="Standard deviation"
                onText={set('scatter')}
            />
            {onRemove !== undefined && (
                <Button look="plain" alignSelf="end" aria-label={`Remove parameter${name}`} onClick={onRemove}>
                    Remove
                </Button>
            )}
        </Box>
    );
}
