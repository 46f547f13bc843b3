import { now as clock } from '../../lib/clock';
import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { MediaTabs } from '../../media/MediaTabs';
import { AccountTable } from '../../media/AccountTable';
import { LifeBar } from '../../media/LifeBar';
import { type Charge, type MediaView, type Life, type School } from '../../media/types';
import { Frame } from '../../frame/Frame';
import { type Learning, LearningLine } from '../../parts/LearningLine';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useMoney } from '../../lib/money';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';

interface Props {
    frame: SystemFrame;
    view: MediaView;
    learning: Learning;
}

export default function Show({ frame, view, learning }: Props) {
    // The moment at which the page was opened.
    const [now] = useState(clock);
    const inPlace = view.charges.filter(({ to }) => to === null);
    const past = view.charges.filter(({ to }) => to !== null);
    return (
        <Frame title="Media" area="Media" frame={frame}>
            <chakra.h1 srOnly>Media of {frame.name}</chakra.h1>
            <MediaTabs systemId={frame.id} tab="In place" />
            <Box mb="3">
                <LearningLine learning={learning} only={['view']} />
            </Box>
            {inPlace.length === 0 && (
                <chakra.p mb="4" maxWidth="40rem">
                    No medium is in, as far as the journal goes.{' '}
                    <Link href={`/systems/${frame.id}/media/dose`}>Dose one</Link>, or log what you put in: press L and
                    write, for example, <chakra.code>{view.example}</chakra.code>.
                </chakra.p>
            )}
            <Box display="grid" gap="5" mb="6">
                {inPlace.map((charge) => (
                    <InPlace
                        key={charge.entry}
                        charge={charge}
                        now={now}
                        systemId={frame.id}
                        isLearned={view.isLearned}
                    />
                ))}
            </Box>
            {view.noise !== null && inPlace.length > 0 && (
                <chakra.p fontSize="sm" maxWidth="46rem" mb="2">
                    {view.noise}
                </chakra.p>
            )}
            {view.learned !== null && (
                <chakra.p fontSize="sm" maxWidth="46rem" mb="5">
                    {view.learned}
                </chakra.p>
            )}
            <Schools view={view} systemId={frame.id} />
            {past.length > 0 && <Past charges={past} />}
        </Frame>
    );
}

function InPlace({
    charge,
    now,
    systemId,
    isLearned,
}: {
    charge: Charge;
    now: number;
    systemId: number;
    isLearned: boolean;
}) {
    const dates = useDates();
    const { life } = charge;
    const log = (line: string) => router.post(`/systems/${systemId}/journal`, { line }, { preserveScroll: true });
    return (
        <Box as="section" aria-label={charge.label} borderTopWidth="1.5px" pt="2" maxWidth="58rem">
            <Box display="flex" flexWrap="wrap" gap="3" alignItems="baseline">
                <chakra.h2 fontSize="lg">
                    {charge.label} {charge.amount}
                </chakra.h2>
                <Box color="quiet">
                    {charge.where}, in for {figure(charge.days, 0)} days
                </Box>
                {life !== null && (
                    <Box fontWeight="700" color={life.isGrave ? 'fault' : 'ink'} ml="auto">
                        {life.condition}
                    </Box>
                )}
            </Box>
            {life === null ? (
                <chakra.p fontSize="sm" color="quiet">
                    {isLearned
                        ? charge.unfollowed
                        : 'Ithys calculates what it removes once it has learned from your readings.'}
                </chakra.p>
            ) : (
                <>
                    <LifeBar charge={charge} now={now} />
                    <Figures life={life} />
                    {life.reasons.map((reason) => (
                        <chakra.p key={reason} fontSize="sm" maxWidth="46rem">
                            {reason}
                        </chakra.p>
                    ))}
                    {life.account !== null && <AccountTable account={life.account} />}
                </>
            )}
            {charge.calendar !== null && (
                <chakra.p fontSize="sm" color="quiet">
                    By the calendar, {figure(charge.calendar.days, 0)} days: {dates.day(charge.calendar.due)}.
                </chakra.p>
            )}
            {charge.clarity !== null && <chakra.p fontSize="sm">{charge.clarity}</chakra.p>}
            {charge.meant !== null && (
                <chakra.p fontSize="sm">Meant to stay {figure(charge.meant, 0)} days, then out.</chakra.p>
            )}
            <Box display="flex" flexWrap="wrap" gap="2" mt="2">
                <Button onClick={() => log(charge.line)} aria-label={`Change: the same again, ${charge.label}`}>
                    Change: the same again
                </Button>
                <Button onClick={() => log(charge.out)} aria-label={`Take out ${charge.label}`}>
                    Take out
                </Button>
                <Box asChild alignSelf="center">
                    <Link
                        href={`/systems/${systemId}/media/dose?medium=${charge.medium}&where=${charge.item ?? charge.where}`}
                    >
                        Another amount, or top up
                    </Link>
                </Box>
            </Box>
        </Box>
    );
}

function Figures({ life }: { life: Life }) {
    const dates = useDates();
    const { likely, soonest, latest } = life.spent ?? { likely: null, soonest: null, latest: null };
    const day = (at: number | null) => (at === null ? 'later than Ithys looks ahead' : dates.day(at));
    return (
        <Box
            as="dl"
            display="grid"
            gridTemplateColumns={{ base: '1fr', md: 'auto 1fr' }}
            columnGap="4"
            fontSize="sm"
            my="1"
            css={{ '& dd': { marginBottom: '2px' } }}
        >
            <dt>Exhausted</dt>
            <dd>
                {likely === null && soonest === null ? (
                    'Not within the time that Ithys looks ahead.'
                ) : likely === null ? (
                    `Likely later than Ithys looks ahead; the soonest ${day(soonest)}.`
                ) : (
                    <>
                        about <b>{day(likely)}</b>, in 80 of 100 cases between {day(soonest)} and {day(latest)}
                    </>
                )}
            </dd>
            <dt>Removes now</dt>
            <dd>
                {figure(life.share[0], 0)} % of what a fresh charge would ({figure(life.share[1], 0)} to{' '}
                {figure(life.share[2], 0)} %); a fresh one would remove {figure(life.fresh)} mg of {life.takesWhat} a
                day
            </dd>
            <dt>{life.account === null ? 'Removed so far' : 'Loading'}</dt>
            <dd>
                {life.account === null &&
                    `${figure(life.held[0], 0)} mg (${figure(life.held[1], 0)} to ${figure(life.held[2], 0)}), `}
                as much as {figure(life.heldPpm[0])} ppm of {life.asWhat} in this tank; {figure(life.loading)} mg a gram
            </dd>
        </Box>
    );
}

/** What each approach says of this tank. */
function Schools({ view, systemId }: { view: MediaView; systemId: number }) {
    const money = useMoney();
    const days = ({ days: range }: School) =>
        range === null ? 'never' : range[0] === range[1] ? `${range[0]} days` : `${range[0]} to ${range[1]} days`;
    return (
        <chakra.section mb="6" maxWidth="58rem">
            <chakra.h2 fontSize="lg" mb="1">
                {view.schoolsTitle}
            </chakra.h2>
            <Box maxWidth="22rem" mb="2">
                <ChoiceField
                    label="Your approach"
                    value={view.school}
                    options={[['', 'None'], ...view.schools.map(({ key, label }) => [key, label] as const)]}
                    onPick={(school) =>
                        router.put(`/systems/${systemId}/media/school`, { school }, { preserveScroll: true })
                    }
                />
            </Box>
            <Box overflowX="auto" tabIndex={0} role="region" aria-label={view.schoolsTitle}>
                <chakra.table fontSize="sm" width="100%" minW="34rem" css={{ '& td, & th': { paddingRight: '14px' } }}>
                    <thead>
                        <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                            <th scope="col">Approach</th>
                            <th scope="col">Changed</th>
                            <th scope="col">Yours is</th>
                            <th scope="col">It says</th>
                            <th scope="col">Cost a year</th>
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {view.schools.map((school) => (
                            <chakra.tr key={school.key} borderBottomWidth="1px" verticalAlign="top">
                                <chakra.th
                                    scope="row"
                                    textAlign="left"
                                    fontWeight={school.key === view.school ? '700' : '500'}
                                >
                                    {school.label}
                                    <Box fontWeight="400" color="quiet">
                                        {school.reason}
                                    </Box>
                                </chakra.th>
                                <td>{days(school)}</td>
                                <td>{school.age === null ? 'not in' : `${figure(school.age, 0)} days old`}</td>
                                <td>{school.says}</td>
                                <td>{school.cost === null ? 'not known' : money(school.cost)}</td>
                            </chakra.tr>
                        ))}
                    </tbody>
                </chakra.table>
            </Box>
            <chakra.p fontSize="sm" color="quiet" mt="2" maxWidth="46rem">
                {view.schoolsNote} Prices are <Link href={`/systems/${systemId}/assumptions`}>our estimates</Link>.
            </chakra.p>
        </chakra.section>
    );
}

function Past({ charges }: { charges: Charge[] }) {
    const dates = useDates();
    return (
        <chakra.section maxWidth="58rem">
            <chakra.h2 fontSize="lg" mb="1">
                Taken out
            </chakra.h2>
            <chakra.table fontSize="sm" width="100%">
                <thead>
                    <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                        <th scope="col">Charge</th>
                        <th scope="col">From</th>
                        <th scope="col">Days</th>
                        <th scope="col">Removed</th>
                        <th scope="col">Then</th>
                    </chakra.tr>
                </thead>
                <tbody>
                    {charges.map((charge) => (
                        <chakra.tr key={charge.entry} borderBottomWidth="1px">
                            <td>
                                {charge.label} {charge.amount}
                            </td>
                            <td>{dates.day(charge.from)}</td>
                            <td>{figure(charge.days, 0)}</td>
                            <td>
                                {charge.life === null
                                    ? 'not known'
                                    : `${figure(charge.life.held[0], 0)} mg, ${figure(charge.life.loading)} mg a gram`}
                            </td>
                            <td>{charge.ended}</td>
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </chakra.section>
    );
}
