import { now as clock } from '../../lib/clock';
import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { Link, router } from '@inertiajs/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { type SystemFrame, useShared } from '../../lib/page';
import { useCharacter } from '../../lib/useCharacter';
import { type Alert, Alerts } from '../../tide/Alerts';
import { ChangesTable, type Ranked } from '../../tide/ChangesTable';
import { JournalTable } from '../../tide/JournalTable';
import { type PhotoShelf, Photos } from '../../tide/Photos';
import { TideSheet } from '../../tide/TideSheet';
import { Session } from '../../tide/Session';
import { type Courses, type JournalPage, type Sheet, type TargetChoice, type Verdict } from '../../tide/types';
import { VerdictPanel } from '../../tide/VerdictPanel';

interface Props {
    frame: SystemFrame;
    courses: Courses;
    sheet: Sheet;
    range: string;
    view: 'sheet' | 'table' | 'changes' | 'photos';
    /** A page of the table; null where it is not asked for. */
    table: JournalPage | null;
    /** What each change did; null where it is not asked for. */
    ranked: Ranked | null;
    photos: PhotoShelf | null;
    /** Not there yet where nobody asked for it: it follows. */
    verdict?: Verdict | null;
    /** The change that it is of. */
    picked: number | null;
    alerts: Alert[];
    target: TargetChoice;
    choices: { windows: number[]; wanted: number[]; spans: number[] };
}

const RANGES = [
    ['16w', '16 weeks'],
    ['1y', 'Year'],
    ['all', 'All'],
] as const;

export default function Show({
    frame,
    sheet,
    courses,
    range,
    view,
    table,
    ranked,
    photos,
    verdict,
    picked,
    alerts,
    target,
    choices,
}: Props) {
    const { examples } = useShared();
    const levers = useMemo(() => sheet.changes.filter((change) => change.judged).reverse(), [sheet.changes]);
    // What was asked and is not answered yet: the address still lacks it, and the next question must not forget it.
    const asked = useRef<Record<string, string | number>>({});
    const soon = useRef<ReturnType<typeof setTimeout>>(undefined);
    const ask = useCallback(
        (query: Record<string, string | number>) => {
            const unanswered = { ...asked.current, ...query };
            asked.current = unanswered;
            clearTimeout(soon.current);
            // One question a turn of the page: one that is not sent yet cannot be called back, and would be answered too.
            soon.current = setTimeout(() => {
                const now = { ...Object.fromEntries(new URLSearchParams(location.search)), ...unanswered };
                router.get(`/systems/${frame.id}/journal`, now, {
                    preserveScroll: true,
                    preserveState: true,
                    replace: true,
                    onFinish: (visit) => {
                        if (visit.completed && asked.current === unanswered) {
                            asked.current = {};
                        }
                    },
                });
            }, 0);
        },
        [frame.id],
    );
    // Leaving the page ends the asking.
    useEffect(() => () => clearTimeout(soon.current), []);
    const pick = useCallback(
        (id: number | null, step = 0) => {
            const at = levers.findIndex((change) => change.id === picked);
            const next = id ?? levers[at < 0 ? 0 : Math.min(levers.length - 1, Math.max(0, at - step))]?.id;
            if (next !== undefined) {
                ask({ change: next });
            }
        },
        [ask, levers, picked],
    );
    useCharacter('[', () => pick(null, -1));
    useCharacter(']', () => pick(null, 1));
    useCharacter('t', () => ask({ view: view === 'table' ? 'sheet' : 'table' }));
    const dates = useDates();
    const [now] = useState(clock);
    const empty = sheet.readings.length === 0 && sheet.changes.length === 0;

    return (
        <Frame
            title="Journal"
            area="Journal"
            frame={frame}
            aside={
                <VerdictPanel
                    systemId={frame.id}
                    verdict={verdict}
                    levers={levers}
                    windows={choices.windows}
                    wanted={choices.wanted}
                    spans={choices.spans}
                    onPick={pick}
                    onAsk={ask}
                />
            }
        >
            <chakra.h1 srOnly>Journal of {frame.name}</chakra.h1>
            <Alerts
                systemId={frame.id}
                alerts={alerts}
                onShow={(alert) =>
                    ask({
                        range: '16w',
                        view: 'sheet',
                        ...(alert.entry !== null && { change: alert.entry }),
                    })
                }
            />
            <chakra.p display="none" _print={{ display: 'block' }} mb="2" fontWeight="600">
                {frame.name}, {dates.day(sheet.from)} to {dates.day(Math.min(sheet.to, now))}
            </chakra.p>
            <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" mb="2" _print={{ display: 'none' }}>
                <Switch
                    label="View"
                    picked={view}
                    options={[
                        ['sheet', 'Tide sheet'],
                        ['table', 'Table'],
                        ['changes', 'Changes'],
                        ['photos', 'Photos'],
                    ]}
                    onPick={(view) => ask({ view })}
                />
                {view !== 'photos' && (
                    <Switch label="Range" picked={range} options={RANGES} onPick={(next) => ask({ range: next })} />
                )}
                <Session systemId={frame.id} readings={sheet.readings} />
                <Box flex="1" />
                <Box display="flex" gap="4" fontSize="sm">
                    <Link href={`/systems/${frame.id}/state`}>State of the tank</Link>
                    <Link href={`/systems/${frame.id}/import`}>Import</Link>
                    <a href={`/systems/${frame.id}/journal.csv`} download>
                        Export all
                    </a>
                    {range !== 'all' && view !== 'photos' && (
                        <a href={`/systems/${frame.id}/journal.csv?range=${range}`} download>
                            Export shown
                        </a>
                    )}
                    <a href={`/systems/${frame.id}/readings.csv`} download>
                        Readings
                    </a>
                    <Link href={`/systems/${frame.id}/bin`}>Bin</Link>
                </Box>
            </Box>
            {photos !== null ? (
                <Photos systemId={frame.id} shelf={photos} />
            ) : empty ? (
                <Box maxWidth="34rem" py="8">
                    <chakra.h2 fontSize="lg" mb="2">
                        Nothing in {range === 'all' ? 'the journal yet' : 'this time'}
                    </chakra.h2>
                    <chakra.p mb="3">
                        Press L and write what you read or did: {examples.log.map((line) => `“${line}”`).join(', ')}. Or
                        bring readings you already have.
                    </chakra.p>
                    <Link href={`/systems/${frame.id}/import`}>Import a table</Link>
                </Box>
            ) : ranked !== null ? (
                <ChangesTable ranked={ranked} picked={picked} onPick={pick} />
            ) : table !== null ? (
                <JournalTable
                    systemId={frame.id}
                    table={table}
                    levers={new Map(levers.map((change) => [change.id, change.text]))}
                    onPick={pick}
                    onAsk={ask}
                />
            ) : (
                // The sheet stays in sight while the reading column is scrolled.
                <Box position={{ lg: 'sticky' }} top="3">
                    <TideSheet
                        systemId={frame.id}
                        sheet={sheet}
                        courses={courses}
                        verdict={verdict ?? null}
                        target={target}
                        onPick={pick}
                        onTarget={(school) =>
                            router.put(
                                `/systems/${frame.id}/target`,
                                { school },
                                { preserveScroll: true, preserveState: true },
                            )
                        }
                    />
                </Box>
            )}
        </Frame>
    );
}

function Switch({
    label,
    picked,
    options,
    onPick,
}: {
    label: string;
    picked: string;
    options: readonly (readonly [string, string])[];
    onPick: (value: string) => void;
}) {
    return (
        <Box role="group" aria-label={label} display="inline-flex">
            {options.map(([value, text]) => (
                <Button
                    key={value}
                    look={value === picked ? 'solid' : 'line'}
                    aria-pressed={value === picked}
                    borderRadius="0"
                    marginLeft="-1px"
                    minH={{ base: '44px', md: '28px' }}
                    onClick={() => onPick(value)}
                >
                    {text}
                </Button>
            ))}
        </Box>
    );
}
