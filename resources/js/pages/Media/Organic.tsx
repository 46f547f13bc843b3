import { Box, chakra } from '@chakra-ui/react';
import { Link, router, usePage } from '@inertiajs/react';
import { MediaTabs } from '../../media/MediaTabs';
import { type OrganicView } from '../../media/types';
import { Ahead } from '../../forecast/Ahead';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { useState } from 'react';
import { Button } from '../../parts/Button';
import { CheckField } from '../../parts/CheckField';
import { ChoiceField } from '../../parts/ChoiceField';
import { useParameter } from '../../tide/parameters';
import { type TargetChoice } from '../../tide/types';

interface Props {
    frame: SystemFrame;
    view: OrganicView;
    now: number;
    past: [number, string, number][];
    target: TargetChoice;
}

export default function Organic({ frame, view, now, past, target }: Props) {
    const named = useParameter();
    const { errors } = usePage().props;
    const [sure, setSure] = useState(false);
    const base = `/systems/${frame.id}/media`;
    return (
        <Frame title="Organic carbon" area="Media" frame={frame}>
            <chakra.h1 srOnly>Organic carbon</chakra.h1>
            <MediaTabs systemId={frame.id} tab="Organic carbon" />
            <Box maxWidth="46rem" mb="4" borderLeftWidth="3px" borderColor="caution" pl="3">
                <chakra.h2 fontSize="lg">Stop at once when</chakra.h2>
                <p>{view.rule}</p>
            </Box>
            {view.under !== null && <Under under={view.under} base={base} systemId={frame.id} />}
            <Box as="section" mb="4" maxWidth="46rem">
                <chakra.h2 fontSize="lg" mb="1">
                    Before the first dose
                </chakra.h2>
                <chakra.ul fontSize="sm" pl="5" listStyleType="disc">
                    {view.stops.map((one) => (
                        <chakra.li key={one} color="fault">
                            Stop: {one}
                        </chakra.li>
                    ))}
                    {view.holds.map((one) => (
                        <chakra.li key={one} color="caution">
                            Wait: {one}
                        </chakra.li>
                    ))}
                    {view.fine.map((one) => (
                        <li key={one}>{one}.</li>
                    ))}
                </chakra.ul>
            </Box>
            <Box as="section" mb="4">
                <chakra.h2 fontSize="lg" mb="2">
                    The ramp
                </chakra.h2>
                <Box maxWidth="16rem" mb="2">
                    <ChoiceField
                        label="Dosed as"
                        value={view.source}
                        options={view.sources.map(({ key, name }) => [key, name] as const)}
                        onPick={(source) =>
                            router.get(`${base}/organic`, { source }, { preserveScroll: true, replace: true })
                        }
                    />
                </Box>
                <Box overflowX="auto" tabIndex={0} role="region" aria-label="Dose by week">
                    <chakra.table fontSize="sm" mb="2" css={{ '& td, & th': { paddingRight: '18px' } }}>
                        <thead>
                            <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                                <th scope="col">Week</th>
                                {view.doses.map((_, week) => (
                                    <th scope="col" key={week}>
                                        {week + 1}
                                    </th>
                                ))}
                            </chakra.tr>
                        </thead>
                        <tbody>
                            <tr>
                                <chakra.th scope="row" textAlign="left">
                                    mL a day
                                </chakra.th>
                                {view.doses.map((dose, week) => (
                                    <chakra.td key={week} fontFamily="figure">
                                        {figure(dose, 2)}
                                    </chakra.td>
                                ))}
                            </tr>
                        </tbody>
                    </chakra.table>
                </Box>
                <chakra.p fontSize="sm" maxWidth="46rem" mb="2">
                    As much carbon is in{' '}
                    {view.sources
                        .map(
                            ({ name, equal, mgEach }) =>
                                `${figure(equal, 2)} mL of ${name} (${figure(mgEach, 0)} mg a mL)`,
                        )
                        .join(', ')}
                    . Raise it only after a reading each week; hold where nothing was read; step back to half at a stop.
                </chakra.p>
                <chakra.p fontSize="sm" maxWidth="46rem" mb="2">
                    {view.pellets} What the doses really take out stands in the{' '}
                    <Link href={`/systems/${frame.id}/ledger`}>ledger</Link>, under bacteria.
                </chakra.p>
                {errors['source'] !== undefined && (
                    <chakra.p color="fault" role="alert" mb="2">
                        {errors['source']}
                    </chakra.p>
                )}
                {view.running !== null && <chakra.p mb="2">{view.running}</chakra.p>}
                {view.mayStart ? (
                    <>
                        {view.below !== null && (
                            <Box mb="2">
                                <chakra.p color="caution" fontWeight="600">
                                    Caution: {view.below}
                                </chakra.p>
                                <CheckField label="I want that" checked={sure} onCheck={setSure} />
                            </Box>
                        )}
                        <Button
                            look={view.below === null ? 'solid' : 'line'}
                            disabled={view.below !== null && !sure}
                            onClick={() =>
                                router.post(`${base}/ramp`, { source: view.source, sure }, { preserveScroll: true })
                            }
                        >
                            Start this ramp
                        </Button>
                    </>
                ) : (
                    <chakra.p color="fault" fontWeight="600">
                        Do not start now: {[...view.stops, ...view.holds][0]}
                    </chakra.p>
                )}
            </Box>
            {view.series === null ? (
                <chakra.p fontSize="sm">
                    What it would do is foreseen once the readings have taught something of this tank: open the ledger.
                </chakra.p>
            ) : (
                Object.entries(view.series.present).map(([key, present]) => {
                    const parameter = named(key);
                    const end = view.series?.other[key]?.at(-1);
                    return (
                        <Box key={key} mb="3">
                            <Ahead
                                parameter={parameter}
                                now={now}
                                label="now"
                                past={past.filter(([, of]) => of === key).map(([t, , value]) => [t, value])}
                                present={present ?? []}
                                other={view.series?.other[key] ?? null}
                                plan={undefined}
                                target={target.bands.find((band) => band.parameter === key)}
                            />
                            {end !== undefined && (
                                <chakra.p fontSize="sm">
                                    {`With the ramp, ${parameter.name} in 12 weeks: ${figure(end[1])} ppm, ${figure(end[2])} to ${figure(end[3])}. Grey: without.`}
                                </chakra.p>
                            )}
                        </Box>
                    );
                })
            )}
        </Frame>
    );
}

/** The ramp that is under way: what to dose now, and why. */
function Under({
    under,
    base,
    systemId,
}: {
    under: NonNullable<OrganicView['under']>;
    base: string;
    systemId: number;
}) {
    const dates = useDates();
    return (
        <Box as="section" mb="4" borderTopWidth="1.5px" pt="2" maxWidth="46rem">
            <chakra.h2 fontSize="lg">
                Week {under.week}: {figure(under.dose, 2)} mL of {under.name} a day
            </chakra.h2>
            <p>
                {under.says} Begun {dates.day(under.begun)}; planned {figure(under.planned, 2)} mL. Logged in the last
                seven days: {under.logged} {under.logged === 1 ? 'dose' : 'doses'}.
            </p>
            <Box display="flex" gap="2" mt="2" flexWrap="wrap">
                {under.line !== null && (
                    <Button
                        onClick={() =>
                            router.post(`/systems/${systemId}/journal`, { line: under.line }, { preserveScroll: true })
                        }
                    >
                        Log {figure(under.dose, 2)} mL
                    </Button>
                )}
                <Button onClick={() => router.delete(`${base}/ramp/${under.id}`, { preserveScroll: true })}>
                    End the ramp
                </Button>
            </Box>
        </Box>
    );
}
