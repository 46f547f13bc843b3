import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { useFields } from '../../parts/useFields';

export interface Incidents {
    mayLog: boolean;
    /** What can go wrong. */
    names: string[];
    volume: string;
    sums: { what: string; times: number; cost: string }[];
    /** Newest first. */
    list: { id: number; t: number; text: string; note: string | null }[];
    firstHour: {
        because: string | null;
        valve: string | null;
        valveFrom: number | null;
        checks: { key: string; asks: string; otherwise: string }[];
        /** How a roll is threaded; none for a tank without a roller. */
        threading: string[];
    };
}

const EMPTY = { what: '', when: '', hours: '', litres: '', minutes: '', cause: '', did: '' };

/** What went wrong and what it cost; and the first hour after a start. */
export default function Show({ frame, incidents }: { frame: SystemFrame; incidents: Incidents }) {
    const dates = useDates();
    const url = `/systems/${frame.id}/care`;
    return (
        <Frame
            title="Incidents and starts"
            area="Care"
            frame={frame}
            aside={<FirstHour url={url} told={incidents.firstHour} mayLog={incidents.mayLog} />}
        >
            <chakra.p fontSize="sm" _print={{ display: 'none' }}>
                <Link href={url}>Back to today</Link>
            </chakra.p>
            <chakra.h1 fontSize="2xl" mb="2">
                Incidents
            </chakra.h1>
            {incidents.mayLog && <Report url={url} incidents={incidents} />}
            <chakra.h2 fontSize="lg" mt="5">
                Last twelve months
            </chakra.h2>
            {incidents.list.length === 0 ? (
                <p>No incident is logged.</p>
            ) : (
                <>
                    <chakra.ul listStyleType="none" mb="3">
                        {incidents.sums.map((one) => (
                            <li key={one.what}>
                                {`${one.what}: ${one.times === 1 ? 'once' : `${one.times} times`}, ${one.cost}`}
                            </li>
                        ))}
                    </chakra.ul>
                    <chakra.ul listStyleType="none" borderTopWidth="1px">
                        {incidents.list.map((one) => (
                            <chakra.li key={one.id} borderBottomWidth="1px" py="1.5" display="flex" gap="3">
                                <Box width="8rem" flexShrink="0" color="quiet">
                                    {dates.day(one.t)}
                                </Box>
                                <Box>
                                    {one.text}
                                    {one.note !== null && ` (${one.note})`}
                                </Box>
                            </chakra.li>
                        ))}
                    </chakra.ul>
                </>
            )}
        </Frame>
    );
}

function Report({ url, incidents }: { url: string; incidents: Incidents }) {
    const { typed, setTyped, errors, setErrors, set, field } = useFields(EMPTY);
    return (
        <chakra.form
            aria-label="Log an incident"
            display="grid"
            gap="3"
            maxWidth="44rem"
            _print={{ display: 'none' }}
            onSubmit={(event: SyntheticEvent) => {
                event.preventDefault();
                router.post(`${url}/incidents`, typed, {
                    preserveScroll: true,
                    onError: setErrors,
                    onSuccess: () => {
                        setErrors({});
                        setTyped(EMPTY);
                    },
                });
            }}
        >
            <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }}>
                <ChoiceField
                    label="What went wrong"
                    value={typed.what}
                    options={[['', 'choose'], ...incidents.names.map((name) => [name, name] as const)]}
                    error={errors['what']}
                    onPick={set('what')}
                />
                {field('when', 'When it started', { help: 'Empty for now. For example: yesterday 18:00' })}
            </Box>
            <Box display="grid" gap="3" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr 1fr' }}>
                {field('hours', 'It lasted', { unit: 'h' })}
                {field('litres', 'Water lost', { unit: incidents.volume })}
                {field('minutes', 'Your time', { unit: 'min' })}
            </Box>
            {field('cause', 'Cause')}
            {field('did', 'What you did')}
            <chakra.p fontSize="sm" color="caution">
                Caution: water on the floor can be live. Switch off at the fuse board before you touch wet plugs.
            </chakra.p>
            <Button type="submit" look="solid" justifySelf="start" minH={{ base: '44px', md: '36px' }}>
                Log the incident
            </Button>
        </chakra.form>
    );
}

function FirstHour({ url, told, mayLog }: { url: string; told: Incidents['firstHour']; mayLog: boolean }) {
    const dates = useDates();
    const [seen, setSeen] = useState<Record<string, string>>({});
    const [valve, setValve] = useState('');
    const [refused, setRefused] = useState<string>();
    return (
        <Box display="grid" gap="3">
            <chakra.h2 fontSize="lg">First hour</chakra.h2>
            <p>
                {told.because === null
                    ? 'Stay with the tank for an hour after a start, a refit or a new roll.'
                    : `Now: ${told.because}. Stay with the tank for an hour.`}
            </p>
            <p>
                {told.valve === null
                    ? 'No valve setting is kept yet.'
                    : `Drain valve last time: ${told.valve} (${told.valveFrom === null ? '' : dates.day(told.valveFrom)}).`}
            </p>
            <chakra.form
                aria-label="First hour"
                display="grid"
                gap="3"
                onSubmit={(event: SyntheticEvent) => {
                    event.preventDefault();
                    router.post(
                        `${url}/first-hour`,
                        { ...seen, valve },
                        {
                            preserveScroll: true,
                            onError: (errors) => setRefused(Object.values(errors)[0]),
                            onSuccess: () => {
                                setSeen({});
                                setValve('');
                                setRefused(undefined);
                            },
                        },
                    );
                }}
            >
                {told.checks.map((check) => (
                    <Box key={check.key} borderTopWidth="1px" pt="2">
                        <ChoiceField
                            label={check.asks}
                            value={seen[check.key] ?? ''}
                            options={[
                                ['', 'not checked'],
                                ['ok', 'yes'],
                                ['bad', 'it is not so'],
                            ]}
                            onPick={(is) => setSeen({ ...seen, [check.key]: is })}
                        />
                        {seen[check.key] === 'bad' && (
                            <chakra.p color="caution" fontSize="sm" mt="1">
                                {check.otherwise}
                            </chakra.p>
                        )}
                    </Box>
                ))}
                {mayLog && (
                    <>
                        <TextField
                            label="Drain valve, as you found it right"
                            help="For example: 2.5 turns open. It is shown next time."
                            value={valve}
                            error={refused}
                            onText={setValve}
                        />
                        <Button type="submit" justifySelf="start" minH={{ base: '44px', md: '32px' }}>
                            Log the first hour
                        </Button>
                    </>
                )}
            </chakra.form>
            {told.threading.length > 0 && (
                <chakra.details borderTopWidth="1px" pt="2">
                    <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                        Threading a new roll
                    </chakra.summary>
                    <chakra.ol listStylePosition="inside" listStyleType="decimal" display="grid" gap="1">
                        {told.threading.map((step) => (
                            <li key={step}>{step}</li>
                        ))}
                    </chakra.ol>
                </chakra.details>
            )}
        </Box>
    );
}
