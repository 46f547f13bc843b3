import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Ahead } from '../../foresee/Ahead';
import { Courses } from '../../foresee/Courses';
import { SockCurve } from '../../foresee/SockCurve';
import {
    type Counsel,
    type Foreseen,
    type Kept,
    type Levers,
    type Point,
    type Step,
    type Workload,
} from '../../foresee/types';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure, useUnits } from '../../lib/figures';
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
    /** Weeks ago that the courses begin, and what may be chosen. */
    ago: number;
    agoChoices: number[];
    levers: Levers | null;
    /** What is fed a day now, g. */
    feedGrams: number;
    hasAlgae: boolean;
    /** The medium that can be put in. */
    medium: string;
    past: [number, string, number][];
    counsel: Counsel | null;
    courses: Kept[];
    target: TargetChoice;
}

export default function Show({
    frame,
    missing,
    now,
    ago,
    agoChoices,
    levers,
    feedGrams,
    hasAlgae,
    medium,
    past,
    counsel,
    courses,
    target,
}: Props) {
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
                <Bench
                    systemId={frame.id}
                    key={ago}
                    {...{ now, ago, agoChoices, levers, feedGrams, hasAlgae, medium, past, counsel, courses, target }}
                />
            )}
        </Frame>
    );
}

function Bench({
    systemId,
    now,
    ago,
    agoChoices,
    levers,
    feedGrams,
    hasAlgae,
    medium,
    past,
    counsel,
    courses,
    target,
}: {
    systemId: number;
    now: number;
    ago: number;
    agoChoices: number[];
    levers: Levers;
    feedGrams: number;
    hasAlgae: boolean;
    medium: string;
    past: Props['past'];
    counsel: Counsel | null;
    courses: Kept[];
    target: TargetChoice;
}) {
    const [course, setCourse] = useState(levers);
    const [weeks, setWeeks] = useState('12');
    const { answer, current } = useDraft<{ view: Foreseen | null; problems: Record<string, string> }>(
        `/systems/${systemId}/foresee/preview`,
        {
            levers: course,
            weeks: Number(weeks),
            ago,
        },
    );
    const named = useParameter();
    const { unit } = useUnits();
    const problems = answer?.ok === true ? answer.result.problems : {};
    // While a lever cannot be read, what was foreseen last stays.
    const [foreseen, setForeseen] = useState<Foreseen | null>(null);
    const view = answer?.ok === true ? answer.result.view : null;
    if (view !== null && view !== foreseen) {
        setForeseen(view);
    }
    const field = (key: keyof Omit<Levers, 'skimmerOn'>, label: string, unit: string, help?: string) => (
        <TextField
            label={label}
            unit={unit}
            inputMode="decimal"
            value={course[key]}
            help={help}
            error={problems[key]}
            onText={(text) => setCourse({ ...course, [key]: text })}
        />
    );
    const changed = JSON.stringify(course) !== JSON.stringify(levers);
    return (
        <Box display="grid" gap="6" gridTemplateColumns={{ base: 'minmax(0, 1fr)', md: '270px minmax(0, 1fr)' }}>
            <Box as="section" aria-label="Levers" display="grid" gap="3" alignContent="start">
                <chakra.h2 fontSize="lg">What if</chakra.h2>
                <chakra.p fontSize="sm" color="quiet">
                    Each lever stands as your last eight weeks went. Set some otherwise and see where they lead.
                </chakra.p>
                {field('feedTimes', 'Feeding, times the present', '×', `Now about ${figure(feedGrams)} g a day`)}
                {field('sockEvery', 'Sock changed every', 'days', 'Empty: never')}
                {field('waterLitres', 'Water change of', unit('volume'))}
                {field('waterEvery', 'Every', 'days', 'Empty: never')}
                {hasAlgae && field('lightHours', 'Light over the algae', 'h a day')}
                {field('spirit', 'Organic carbon as spirit', 'mL a day')}
                {field('mediaGrams', `${medium} put in a reactor now`, unit('small mass'))}
                {course.spirit.trim() !== '' && Number(course.spirit) > Number(levers.spirit) && (
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
                <Button disabled={!changed} onClick={() => setCourse(levers)}>
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
                    <ChoiceField
                        label="From"
                        value={String(ago)}
                        options={agoChoices.map(
                            (one) => [String(one), one === 0 ? 'now' : `${one} weeks ago`] as const,
                        )}
                        onPick={(one) =>
                            router.get(
                                `/systems/${systemId}/foresee`,
                                { ago: one },
                                { preserveScroll: true, replace: true },
                            )
                        }
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
                                        label={ago === 0 ? 'now' : `${ago} weeks ago`}
                                        past={past.filter(([, of]) => of === key).map(([t, , value]) => [t, value])}
                                        present={present ?? []}
                                        other={changed ? other : null}
                                        plan={courses.find(({ isPlan }) => isPlan)}
                                        target={target.bands.find((band) => band.parameter === key)}
                                    />
                                    <p>
                                        <Ends
                                            name={parameter.name}
                                            point={present?.[present.length - 1]}
                                            weeks={weeks}
                                            went={ago === 0 ? 'goes now' : 'went then'}
                                        >
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
                        {counsel?.advice && (
                            <Advised
                                advice={counsel.advice}
                                onTry={(step) => setCourse({ ...levers, ...step.levers })}
                            />
                        )}
                        {counsel !== null && counsel.advice === null && (
                            <chakra.p mb="4" fontSize="sm">
                                Pick a target on the <Link href={`/systems/${systemId}/journal`}>tide sheet</Link>, and
                                steps towards it stand here.
                            </chakra.p>
                        )}
                        {counsel?.sock && <SockCurve sock={counsel.sock} />}
                        <Work foreseen={foreseen} changed={changed} />
                        {ago === 0 && (
                            <Courses systemId={systemId} courses={courses} course={course} onLoad={setCourse} />
                        )}
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

/** What could be done next, the gentlest first. */
function Advised({ advice, onTry }: { advice: NonNullable<Counsel['advice']>; onTry: (step: Step) => void }) {
    const named = useParameter();
    const dates = useDates();
    return (
        <chakra.section mb="5">
            <chakra.h2 fontSize="lg" mb="1">
                What next
            </chakra.h2>
            <chakra.p mb="2" maxWidth="46rem">
                {advice.sentence}
            </chakra.p>
            <chakra.ol listStyleType="none" display="grid" gap="3" maxWidth="50rem">
                {advice.steps.map((step, i) => (
                    <Box as="li" key={step.key} borderTopWidth="1px" pt="2">
                        <Box display="flex" gap="3" alignItems="baseline" flexWrap="wrap">
                            <Box fontWeight="700" flex="1 1 16rem">
                                {i + 1}. {step.does}
                            </Box>
                            <Button
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Try it: ${step.does}`}
                                onClick={() => onTry(step)}
                            >
                                Try it
                            </Button>
                        </Box>
                        <Box fontSize="sm">
                            {`After ${step.weeks} weeks: `}
                            {Object.entries(step.expected)
                                .map(([key, [level, low, high] = [0, 0, 0]]) => {
                                    const parameter = named(key);
                                    return `${parameter.name} ${written(parameter, level)} (${figure(shown(parameter, low))} to ${figure(shown(parameter, high))})`;
                                })
                                .join(', ')}
                            . Watch: {step.watch}
                        </Box>
                        {step.tried.map((before) => (
                            <Box key={before.t} fontSize="sm" color="quiet">
                                {`Before here, ${dates.day(before.t)}: ${before.text}: ${before.answers
                                    .map(({ parameter, verdict }) => `${named(parameter).name} ${verdict}`)
                                    .join(', ')}.`}
                            </Box>
                        ))}
                        {step.caution !== null && (
                            <Box fontSize="sm" color="caution">
                                Caution: {step.caution}
                            </Box>
                        )}
                    </Box>
                ))}
            </chakra.ol>
        </chakra.section>
    );
}

/** Where a course ends, in words. */
function Ends({
    name,
    point,
    weeks,
    went = 'goes now',
    children,
}: {
    name: string;
    point: Point | undefined;
    weeks: string;
    went?: string;
    children: (level: number) => string;
}) {
    if (point === undefined) {
        return null;
    }
    const [, level, low, high] = point;
    const upper = name.charAt(0).toUpperCase() + name.slice(1);
    return `${upper}${weeks === '' ? '' : ` in ${weeks} weeks as it ${went}`}: ${children(level)}, ${children(low)} to ${children(high)}.`;
}

function Work({ foreseen, changed }: { foreseen: Foreseen; changed: boolean }) {
    const { show } = useUnits();
    const rows: [string, keyof Workload, (amount: number) => string][] = [
        ['Sock changes a year', 'socks', (amount) => figure(amount, 0)],
        ['Water changes a year', 'waterChanges', (amount) => figure(amount, 0)],
        ['New salt water a year', 'waterLitres', (amount) => show(amount, 'volume')],
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
                {rows.map(([label, key, write]) => (
                    <chakra.tr key={key} borderBottomWidth="1px">
                        <td>{label}</td>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {write(foreseen.workload.present[key])}
                        </chakra.td>
                        {changed && (
                            <chakra.td textAlign="right" fontFamily="figure">
                                {write(foreseen.workload.other[key])}
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
