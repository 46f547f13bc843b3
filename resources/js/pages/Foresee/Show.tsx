import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { Ahead } from '../../foresee/Ahead';
import { type Foreseen, type Levers, type Point } from '../../foresee/types';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { shown, useParameter, written } from '../../tide/parameters';
import { type TargetChoice } from '../../tide/types';

interface Props {
    frame: SystemFrame;
    missing: { sentence: string; line: string } | null;
    /** Seconds since 1970. */
    now: number;
    levers: Levers | null;
    past: [number, string, number][];
    target: TargetChoice;
}

type Typed = Record<Exclude<keyof Levers, 'skimmerOn' | 'feedGrams'>, string> & { skimmerOn: boolean };

const typed = (levers: Levers): Typed => ({
    feedTimes: String(levers.feedTimes),
    sockEvery: levers.sockEvery === null ? '' : String(levers.sockEvery),
    waterEvery: levers.waterEvery === null ? '' : String(levers.waterEvery),
    waterLitres: String(levers.waterLitres),
    lightHours: String(levers.lightHours ?? 0),
    spirit: String(levers.spirit),
    skimmerOn: levers.skimmerOn,
});

export default function Show({ frame, missing, now, levers, past, target }: Props) {
    return (
        <Frame title="Foresee" area="Foresee" frame={frame}>
            <chakra.h1 srOnly>Foresee {frame.name}</chakra.h1>
            {missing !== null || levers === null ? (
                <Box maxWidth="36rem" py="6">
                    <chakra.h2 fontSize="lg" mb="2">
                        Nothing can be foreseen yet
                    </chakra.h2>
                    <chakra.p mb="3">{missing?.sentence}</chakra.p>
                    {missing !== null && missing.line !== '' && (
                        <chakra.p mb="3">
                            Press L and write, for example, <chakra.code>{missing.line}</chakra.code>.
                        </chakra.p>
                    )}
                    <Link href={`/systems/${frame.id}/ledger`}>Open the ledger</Link>
                </Box>
            ) : (
                <Bench systemId={frame.id} now={now} levers={levers} past={past} target={target} />
            )}
        </Frame>
    );
}

function Bench({
    systemId,
    now,
    levers,
    past,
    target,
}: {
    systemId: number;
    now: number;
    levers: Levers;
    past: Props['past'];
    target: TargetChoice;
}) {
    const [course, setCourse] = useState(() => typed(levers));
    const [weeks, setWeeks] = useState('12');
    const { answer, current } = useDraft<Foreseen>(`/systems/${systemId}/foresee/preview`, {
        levers: course,
        weeks: Number(weeks),
    });
    const named = useParameter();
    const errors = answer?.ok === false ? answer.errors : {};
    const foreseen = answer?.ok === true ? answer.result : null;
    const field = (key: keyof Omit<Typed, 'skimmerOn'>, label: string, unit: string, help?: string) => (
        <TextField
            label={label}
            unit={unit}
            inputMode="decimal"
            value={course[key]}
            help={help}
            error={errors[`levers.${key}`]}
            onText={(text) => setCourse({ ...course, [key]: text })}
        />
    );
    const changed = JSON.stringify(course) !== JSON.stringify(typed(levers));
    return (
        <Box display="grid" gap="6" gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '270px minmax(0, 1fr)' }}>
            <Box as="section" aria-label="Levers" display="grid" gap="3" alignContent="start">
                <chakra.h2 fontSize="lg">What if</chakra.h2>
                <chakra.p fontSize="sm" color="quiet">
                    Each lever stands as your last eight weeks went. Set some otherwise and see where they lead.
                </chakra.p>
                {field('feedTimes', 'Feeding, times the present', '×', `Now about ${figure(levers.feedGrams)} g a day`)}
                {field('sockEvery', 'Sock changed every', 'days', 'Empty: never')}
                {field('waterLitres', 'Water change of', 'L')}
                {field('waterEvery', 'Every', 'days', 'Empty: never')}
                {levers.lightHours !== null && field('lightHours', 'Light over the algae', 'h a day')}
                {field('spirit', 'Organic carbon as spirit', 'mL a day')}
                {course.spirit.trim() !== '' && Number(course.spirit) > levers.spirit && (
                    <Box color="caution" fontSize="sm">
                        Caution: raise organic carbon slowly, with a skimmer and enough oxygen. Stop when the water
                        clouds, slime grows or fish gasp.
                    </Box>
                )}
                <CheckField
                    label="Skimmer on"
                    checked={course.skimmerOn}
                    onCheck={(skimmerOn) => setCourse({ ...course, skimmerOn })}
                />
                <Button disabled={!changed} onClick={() => setCourse(typed(levers))}>
                    Back to the present course
                </Button>
            </Box>
            <Box as="section" aria-label="Weeks ahead" aria-busy={!current}>
                <Box display="flex" gap="4" alignItems="end" mb="3" flexWrap="wrap">
                    <ChoiceField
                        label="Look ahead"
                        value={weeks}
                        options={['4', '12', '26', '52'].map((one) => [one, `${one} weeks`] as const)}
                        onPick={setWeeks}
                    />
                    <Box fontSize="sm" color="quiet" flex="1 1 14rem">
                        Grey and dashed: the present course. Coloured: with your levers. In 80 of 100 cases the level
                        lies in the band.
                    </Box>
                </Box>
                {foreseen === null ? (
                    <p aria-live="polite">Reckoning the weeks ahead.</p>
                ) : (
                    <>
                        {Object.entries(foreseen.present).map(([key, present]) => {
                            const parameter = named(key);
                            const other = foreseen.other[key] ?? [];
                            return (
                                <Box key={key} mb="4">
                                    <Ahead
                                        parameter={parameter}
                                        now={now}
                                        past={past.filter(([, of]) => of === key).map(([t, , value]) => [t, value])}
                                        present={present ?? []}
                                        other={other}
                                        target={target.bands.find((band) => band.parameter === key)}
                                    />
                                    <p>
                                        <Ends name={parameter.name} point={present?.[present.length - 1]} weeks={weeks}>
                                            {(level) => written(parameter, level)}
                                        </Ends>{' '}
                                        {changed && (
                                            <strong>
                                                <Ends name="With your levers" point={other[other.length - 1]} weeks="">
                                                    {(level) => written(parameter, level)}
                                                </Ends>
                                            </strong>
                                        )}
                                    </p>
                                </Box>
                            );
                        })}
                        <Work foreseen={foreseen} changed={changed} />
                        <details>
                            <chakra.summary cursor="pointer" fontSize="sm" minH={{ base: '44px', md: '28px' }}>
                                As a table
                            </chakra.summary>
                            <Weekly foreseen={foreseen} />
                        </details>
                    </>
                )}
            </Box>
        </Box>
    );
}

/** Where a course ends, in words. */
function Ends({
    name,
    point,
    weeks,
    children,
}: {
    name: string;
    point: Point | undefined;
    weeks: string;
    children: (level: number) => string;
}) {
    if (point === undefined) {
        return null;
    }
    const [, level, low, high] = point;
    const upper = name.charAt(0).toUpperCase() + name.slice(1);
    return `${upper}${weeks === '' ? '' : ` in ${weeks} weeks as it goes now`}: ${children(level)}, ${children(low)} to ${children(high)}.`;
}

function Work({ foreseen, changed }: { foreseen: Foreseen; changed: boolean }) {
    const rows: [string, keyof Foreseen['workload']['present'], string][] = [
        ['Sock changes a year', 'socks', ''],
        ['Water changes a year', 'waterChanges', ''],
        ['New salt water a year', 'waterLitres', ' L'],
    ];
    return (
        <chakra.table fontSize="sm" maxWidth="30rem" width="100%" mb="3">
            <thead>
                <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                    <th scope="col">Work</th>
                    <chakra.th scope="col" textAlign="right">
                        as now
                    </chakra.th>
                    {changed && (
                        <chakra.th scope="col" textAlign="right">
                            with your levers
                        </chakra.th>
                    )}
                </chakra.tr>
            </thead>
            <tbody>
                {rows.map(([label, key, unit]) => (
                    <chakra.tr key={key} borderBottomWidth="1px">
                        <td>{label}</td>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {figure(foreseen.workload.present[key], 0)}
                            {unit}
                        </chakra.td>
                        {changed && (
                            <chakra.td textAlign="right" fontFamily="figure">
                                {figure(foreseen.workload.other[key], 0)}
                                {unit}
                            </chakra.td>
                        )}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}

function Weekly({ foreseen }: { foreseen: Foreseen }) {
    const named = useParameter();
    const keys = Object.keys(foreseen.present);
    const weekly = (foreseen.present[keys[0] ?? ''] ?? []).flatMap(([days], i) => (days % 7 === 0 ? [i] : []));
    return (
        <chakra.table fontSize="sm" maxWidth="46rem" width="100%">
            <thead>
                <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                    <th scope="col">Week</th>
                    {keys.flatMap((key) => [
                        <th scope="col" key={`${key} now`}>
                            {named(key).name}, as now
                        </th>,
                        <th scope="col" key={`${key} other`}>
                            with your levers
                        </th>,
                    ])}
                </chakra.tr>
            </thead>
            <tbody>
                {weekly.map((i) => (
                    <chakra.tr key={i} borderBottomWidth="1px" fontFamily="figure">
                        <td>{(foreseen.present[keys[0] ?? '']?.[i]?.[0] ?? 0) / 7}</td>
                        {keys.flatMap((key) =>
                            [foreseen.present, foreseen.other].map((series, n) => {
                                const [, level = 0, low = 0, high = 0] = series[key]?.[i] ?? [];
                                const parameter = named(key);
                                return (
                                    <td key={`${key} ${n}`}>
                                        {figure(shown(parameter, level))} ({figure(shown(parameter, low))} to{' '}
                                        {figure(shown(parameter, high))})
                                    </td>
                                );
                            }),
                        )}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
