import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { Link, router } from '@inertiajs/react';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useDates } from '../lib/dates';
import { figure, signed, useUnits } from '../lib/figures';
import { useShared } from '../lib/page';
import { ChoiceField } from '../parts/ChoiceField';
import { AccountTable } from '../media/AccountTable';
import { FindingList } from '../parts/FindingList';
import { IntervalBar } from './IntervalBar';
import { type ChangeMark, type Judgement, type Rate, type Verdict } from './types';

interface Props {
    systemId: number;
    /** Undefined while it is worked out. */
    verdict: Verdict | null | undefined;
    levers: ChangeMark[];
    windows: number[];
    wanted: number[];
    spans: number[];
    onPick: (id: number | null, step?: number) => void;
    onAsk: (query: Record<string, string>) => void;
}

/** The reading column: what the picked change did, in words first, then in figures. */
export function VerdictPanel({ systemId, verdict, levers, windows, wanted, spans, onPick, onAsk }: Props) {
    const dates = useDates();
    const { show } = useUnits();
    const { examples } = useShared();
    if (verdict === undefined) {
        return (
            <chakra.p role="status" color="quiet">
                Comparing before and after…
            </chakra.p>
        );
    }
    if (verdict === null) {
        return (
            <>
                <chakra.h2 fontSize="lg" mb="2">
                    What did a change do?
                </chakra.h2>
                <chakra.p color="quiet">
                    Pick a change on the sheet to compare the time before and after it. Readings once or twice a week on
                    both sides are enough. Log one with L, such as “{examples.change}”.
                </chakra.p>
            </>
        );
    }
    const log = (line: string) => router.post(`/systems/${systemId}/journal`, { line }, { preserveScroll: true });
    const [first, ...others] = verdict.judgements;
    // Both parameters share most findings; each is said once.
    const findings = [
        ...new Map(
            verdict.judgements
                .flatMap((judgement) => judgement.findings)
                .map((finding) => [finding.sentence, finding] as const),
        ).values(),
    ];
    const cautions = findings.filter((finding) => finding.severity === 'caution' || finding.severity === 'fault');
    const remarks = findings.filter((finding) => !cautions.includes(finding));
    return (
        <Box display="grid" gap="3">
            <Box display="flex" alignItems="center" gap="2" fontSize="sm" color="quiet">
                <Box flex="1">
                    {dates.day(verdict.t)} {dates.ago(verdict.t) && `· ${dates.ago(verdict.t)}`}
                </Box>
                <Step label="Earlier change" onClick={() => onPick(null, -1)}>
                    <ChevronLeft size={17} aria-hidden="true" />
                </Step>
                <Step label="Later change" onClick={() => onPick(null, 1)}>
                    <ChevronRight size={17} aria-hidden="true" />
                </Step>
            </Box>
            <chakra.h2 fontSize="lg" mt="-2">
                {verdict.text}
            </chakra.h2>
            {first && (
                <Answer judgement={first} expected={verdict.expected?.[first.parameter] ?? null} large onLog={log} />
            )}
            {others.map((judgement) => (
                <Box key={judgement.parameter} borderTopWidth="1px" pt="3">
                    <Answer
                        judgement={judgement}
                        expected={verdict.expected?.[judgement.parameter] ?? null}
                        large={false}
                        onLog={log}
                    />
                </Box>
            ))}
            {verdict.account !== null && (
                <Box borderTopWidth="1px" pt="3">
                    <chakra.h3 fontSize="md">What the charge did</chakra.h3>
                    <AccountTable account={verdict.account} brief />
                </Box>
            )}
            <Box fontSize="sm">
                <Link href={verdict.why}>What came in and went out, before and since</Link>
            </Box>
            {cautions.length + remarks.length > 0 && (
                <chakra.details borderTopWidth="1px" pt="3">
                    <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                        <chakra.span fontWeight="700" color={cautions.length > 0 ? 'caution' : undefined}>
                            {cautions.length > 0 ? `Caveats (${cautions.length})` : 'What it rests on'}
                        </chakra.span>
                    </chakra.summary>
                    <Box display="grid" gap="3" pt="2">
                        <FindingList findings={cautions} />
                        <FindingList findings={remarks} />
                    </Box>
                </chakra.details>
            )}
            {verdict.caution !== null && (
                <Box borderTopWidth="1px" pt="3" fontSize="sm" color="caution">
                    Caution: {verdict.caution}
                </Box>
            )}
            <Box borderTopWidth="1px" pt="3" display="grid" gap="3">
                <ChoiceField
                    label="Change"
                    value={String(verdict.id)}
                    onPick={(id) => onPick(Number(id))}
                    options={levers.map(
                        (change) => [String(change.id), `${dates.short(change.t)} · ${change.text}`] as const,
                    )}
                />
                <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
                    <ChoiceField
                        label="Days on each side"
                        value={String(verdict.windowDays)}
                        onPick={(window) => onAsk({ window })}
                        options={windows.map((days) => [String(days), `${days} days`] as const)}
                    />
                    <ChoiceField
                        label="Worth knowing"
                        value={String(verdict.wantedShare)}
                        onPick={(share) => onAsk({ wanted: share })}
                        options={wanted.map(
                            (share) => [String(share), `${figure(share * 100, 0)} % in 4 weeks`] as const,
                        )}
                    />
                </Box>
                <ChoiceField
                    label="Asked about"
                    value={String(verdict.spanDays ?? '')}
                    onPick={(span) => onAsk({ span })}
                    options={[
                        ['', 'all of the time since'] as const,
                        ...spans.map(
                            (days) =>
                                [
                                    String(days),
                                    days % 7 === 0 ? `its first ${days / 7} weeks` : `its first ${days} days`,
                                ] as const,
                        ),
                    ]}
                />
                <Box fontSize="sm" color="quiet">
                    Rates are for {show(verdict.litres, 'volume')} of working volume: what the water gains but for water
                    changes, and how much more or less comes in since.
                </Box>
                <Button
                    look="plain"
                    justifySelf="start"
                    px="0"
                    onClick={() =>
                        router.delete(`/systems/${systemId}/journal/${verdict.id}`, { preserveScroll: true })
                    }
                >
                    Move this change to the bin
                </Button>
            </Box>
        </Box>
    );
}

function Step({ label, onClick, children }: { label: string; onClick: () => void; children: React.ReactNode }) {
    return (
        <Button aria-label={label} minH={{ base: '44px', md: '26px' }} px="1.5" onClick={onClick}>
            {children}
        </Button>
    );
}

function Answer({
    judgement,
    expected,
    large,
    onLog,
}: {
    judgement: Judgement;
    /** By the model, mg a day. */
    expected: number | null;
    large: boolean;
    onLog: (line: string) => void;
}) {
    const name = judgement.label.charAt(0).toUpperCase() + judgement.label.slice(1);
    return (
        <Box>
            <chakra.h3 fontSize={large ? '2xl' : 'md'} mb="1">
                {name}: {judgement.verdict}
            </chakra.h3>
            <Box fontSize="sm" mb="2">
                {judgement.sentence}
            </Box>
            {judgement.jump !== null && (
                <IntervalBar of={judgement.parameter} interval={judgement.jump} unit="mg at once" />
            )}
            {judgement.difference !== null && (
                <IntervalBar of={judgement.parameter} interval={judgement.difference} unit="mg a day" />
            )}
            {judgement.odds !== '' && (
                <Box fontSize="xs" color="quiet">
                    {judgement.odds}
                </Box>
            )}
            {judgement.unlogged !== null && (
                <Box display="flex" flexWrap="wrap" gap="2" mt="1">
                    {(
                        [
                            ['Log a water change then', judgement.unlogged.water],
                            ['Log a new test kit then', judgement.unlogged.kit],
                        ] as const
                    ).map(
                        ([label, line]) =>
                            line !== null && (
                                <Button key={label} onClick={() => onLog(line)}>
                                    {label}
                                </Button>
                            ),
                    )}
                </Box>
            )}
            {judgement.difference !== null && (
                <details>
                    <chakra.summary cursor="pointer" fontSize="sm" minH={{ base: '44px', md: '28px' }}>
                        Figures
                    </chakra.summary>
                    <chakra.table width="100%" fontSize="sm" mb="2">
                        <chakra.caption srOnly>{name}: net rate before and after the change</chakra.caption>
                        <thead>
                            <chakra.tr color="quiet">
                                <chakra.th scope="col" srOnly>
                                    Time
                                </chakra.th>
                                <chakra.th scope="col" fontWeight="400" textAlign="right">
                                    mg a day
                                </chakra.th>
                                <chakra.th scope="col" fontWeight="400" textAlign="right">
                                    95 %
                                </chakra.th>
                                <chakra.th scope="col" fontWeight="400" textAlign="right">
                                    n
                                </chakra.th>
                            </chakra.tr>
                        </thead>
                        <tbody>
                            <RateRow name="before" rate={judgement.before} n={judgement.readingsBefore} />
                            <RateRow name="since" rate={judgement.after} n={judgement.readingsAfter} />
                            <RateRow name="change of input" rate={judgement.difference} strong />
                        </tbody>
                    </chakra.table>
                    {expected !== null && (
                        <Box fontSize="xs" color="quiet" mt="1">
                            Expected by the model of this tank: {signed(expected, Math.abs(expected) >= 10 ? 0 : 2)} mg
                            a day
                        </Box>
                    )}
                    {judgement.secondOpinion !== null && (
                        <Box fontSize="xs" color="quiet" mt="1">
                            Second opinion, by the median of slopes:{' '}
                            {signed(judgement.secondOpinion, Math.abs(judgement.secondOpinion) >= 10 ? 0 : 2)} mg a day
                        </Box>
                    )}
                </details>
            )}
        </Box>
    );
}

function RateRow({ name, rate, n, strong = false }: { name: string; rate: Rate | null; n?: number; strong?: boolean }) {
    return (
        <chakra.tr fontWeight={strong ? '700' : '400'}>
            <chakra.th scope="row" textAlign="left" fontWeight="400" color="quiet">
                {name}
            </chakra.th>
            <chakra.td textAlign="right" fontFamily="figure" py="0.5">
                {rate === null ? '' : milligrams(rate.perDay)}
            </chakra.td>
            <chakra.td textAlign="right" fontFamily="figure">
                {rate === null ? '' : `${milligrams(rate.low)} to ${milligrams(rate.high)}`}
            </chakra.td>
            <chakra.td textAlign="right" fontFamily="figure" color="quiet">
                {n ?? ''}
            </chakra.td>
        </chakra.tr>
    );
}

function milligrams(figure: number): string {
    return signed(figure, Math.abs(figure) >= 10 ? 0 : 1);
}
