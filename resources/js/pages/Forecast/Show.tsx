import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Advised } from '../../forecast/Advised';
import { Ahead } from '../../forecast/Ahead';
import { MediaChoices } from '../../forecast/MediaChoices';
import { Courses } from '../../forecast/Courses';
import { type Silence, Silences } from '../../forecast/Silences';
import { Work, Weekly } from '../../forecast/Tables';
import { type Counsel, type Fitted, type Foreseen, type Kept, type Levers, type Standing } from '../../forecast/types';
import { Frame } from '../../frame/Frame';
import { type Learning, LearningLine } from '../../parts/LearningLine';
import { figure, useUnits } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';
import { useParameter } from '../../tide/parameters';
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
    fitted: Fitted;
    /** The media that can be put in. */
    choices: { media: [string, string][]; places: [string, string][] };
    carbon: string;
    past: [number, string, number][];
    /** Routines of which nothing was logged for long, which the courses rest on. */
    silences: Silence[];
    counsel: Counsel | null;
    /** Null where nothing can be foreseen yet. */
    standing: Standing | null;
    courses: Kept[];
    target: TargetChoice;
    learning: Learning;
}

export default function Show({
    frame,
    missing,
    now,
    ago,
    agoChoices,
    levers,
    feedGrams,
    fitted,
    choices,
    carbon,
    past,
    silences,
    counsel,
    standing,
    courses,
    target,
    learning,
}: Props) {
    return (
        <Frame title="Forecast" area="Forecast" frame={frame}>
            <chakra.h1 srOnly>Forecast for {frame.name}</chakra.h1>
            <LearningLine
                learning={learning}
                only={['missing', 'levers', 'feedGrams', 'fitted', 'silences', 'counsel', 'standing']}
            />
            <Silences systemId={frame.id} silences={silences} />
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
                    {ago > 0 && <Link href={`/systems/${frame.id}/forecast`}>From now</Link>}
                </Box>
            ) : (
                <Bench
                    systemId={frame.id}
                    key={ago}
                    {...{
                        now,
                        ago,
                        agoChoices,
                        levers,
                        feedGrams,
                        fitted,
                        choices,
                        carbon,
                        past,
                        counsel,
                        standing,
                        courses,
                        target,
                    }}
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
    fitted,
    choices,
    carbon,
    past,
    counsel,
    standing,
    courses,
    target,
}: Pick<
    Props,
    | 'now'
    | 'ago'
    | 'agoChoices'
    | 'feedGrams'
    | 'fitted'
    | 'choices'
    | 'carbon'
    | 'past'
    | 'counsel'
    | 'standing'
    | 'courses'
    | 'target'
> & { systemId: number; levers: Levers }) {
    const [course, setCourse] = useState(levers);
    const [weeks, setWeeks] = useState('12');
    const { answer, current } = useDraft<{ view: Foreseen | null; problems: Record<string, string> }>(
        `/systems/${systemId}/forecast/preview`,
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
    const field = (
        key: keyof Omit<Levers, 'skimmerOn' | 'medium' | 'place'>,
        label: string,
        unit: string,
        help?: string,
    ) => (
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
            <Box as="section" aria-label="Settings">
                <Box display="grid" gap="3">
                    <chakra.h2 fontSize="lg">What if</chakra.h2>
                    <chakra.p fontSize="sm" color="quiet">
                        {ago === 0
                            ? 'These settings match what you do now. Change one to see the effect.'
                            : 'These settings match what you did then. What you change goes your way, the rest as it really went.'}
                    </chakra.p>
                    {field(
                        'feedTimes',
                        'Feeding, times what you feed now',
                        '×',
                        `Now about ${figure(feedGrams)} g a day`,
                    )}
                    {fitted.stock &&
                        field('stockAdded', 'Animals added now', unit('small mass'), 'Fed as the others are')}
                    {fitted.sock && field('sockEvery', 'Sock changed every', 'days', 'Empty: never')}
                    {fitted.roller && field('rollerTimes', 'Fleece advance, times the present', '×')}
                    {field('waterLitres', 'Water change of', unit('volume'))}
                    {field('waterEvery', 'Every', 'days', 'Empty: never')}
                    {fitted.algae && field('lightHours', 'Light over the algae', 'h a day')}
                    {field('spirit', 'Organic carbon as spirit', 'mL a day')}
                    {field('carbonGrams', `${carbon} put in a reactor now`, unit('small mass'))}
                    <Box display="grid" gridTemplateColumns="1fr 1fr" gap="2">
                        <ChoiceField
                            label="Medium put in now"
                            value={course.medium}
                            options={choices.media}
                            onPick={(picked) => setCourse({ ...course, medium: picked })}
                        />
                        <ChoiceField
                            label="Where"
                            value={course.place}
                            options={choices.places}
                            onPick={(place) => setCourse({ ...course, place })}
                        />
                    </Box>
                    {field('mediaGrams', 'Amount of it', unit('small mass'))}
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
                </Box>
                {foreseen !== null && (
                    // On a phone the curves stand far below: the result stays beside what is being set.
                    <Box
                        display={{ base: 'block', md: 'none' }}
                        position="sticky"
                        bottom="0"
                        bg="paper"
                        borderTopWidth="1px"
                        py="2"
                        mt="3"
                        fontSize="sm"
                        aria-hidden="true"
                    >
                        {`In ${weeks} weeks: ${Object.entries(changed ? foreseen.ends.other : foreseen.ends.present)
                            .map(([key, says]) => `${named(key).name} ${says}`)
                            .join(', ')}`}
                    </Box>
                )}
                <Button mt="3" width="100%" disabled={!changed} onClick={() => setCourse(levers)}>
                    Back to what you do now
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
                                `/systems/${systemId}/forecast`,
                                { ago: one },
                                { preserveScroll: true, replace: true },
                            )
                        }
                    />
                    <Box fontSize="sm" color="quiet" flex="1 1 14rem">
                        Grey and dashed: {ago === 0 ? 'if nothing changes' : 'what was really done'}. Coloured: with
                        your settings. In 80 of 100 cases the level is in the band.
                    </Box>
                </Box>
                {foreseen === null ? (
                    <p aria-live="polite">Calculating the weeks ahead.</p>
                ) : (
                    <>
                        {standing !== null && standing.asks !== null && (
                            <chakra.p role="status" mb="2" maxWidth="46rem" fontWeight="600">
                                {standing.asks}
                            </chakra.p>
                        )}
                        {foreseen.doubts.map((sentence) => (
                            <chakra.p key={sentence} color="caution" fontWeight="600" mb="2" maxWidth="46rem">
                                Caution: {sentence}
                            </chakra.p>
                        ))}
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
                                        {`${upper(parameter.name)} in ${weeks} weeks as it ${ago === 0 ? 'goes now' : 'really went'}: ${foreseen.ends.present[key] ?? ''}.`}{' '}
                                        {changed && (
                                            <strong>{`With your settings: ${foreseen.ends.other[key] ?? ''}.`}</strong>
                                        )}{' '}
                                        <chakra.span color="quiet">{standing?.came[key]}</chakra.span>
                                    </p>
                                </Box>
                            );
                        })}
                        {counsel?.exhausted.map((sentence) => (
                            <chakra.p key={sentence} mb="2" maxWidth="46rem" color="caution" fontWeight="600">
                                {sentence}
                            </chakra.p>
                        ))}
                        {counsel?.advice && (
                            <Advised
                                advice={counsel.advice}
                                onTry={(step) => setCourse({ ...levers, ...step.levers })}
                            />
                        )}
                        {counsel !== null && counsel.advice === null && (
                            <chakra.p mb="4" fontSize="sm">
                                Pick a target on the <Link href={`/systems/${systemId}/journal`}>chart</Link> to see
                                steps towards it here.
                            </chakra.p>
                        )}
                        <MediaChoices
                            {...{ systemId, course, weeks, ago }}
                            onTry={(media) => setCourse({ ...course, ...media })}
                        />
                        <Work foreseen={foreseen} changed={changed} hasRoller={fitted.roller} systemId={systemId} />
                        {ago === 0 && (
                            <Courses
                                systemId={systemId}
                                courses={courses}
                                course={course}
                                onLoad={(kept) => setCourse({ ...levers, ...kept })}
                            />
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

function upper(name: string): string {
    return name.charAt(0).toUpperCase() + name.slice(1);
}
