import { Box, chakra, useToken } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure, signed } from '../../lib/figures';
import { type SystemFrame, useShared } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { type Learning, LearningLine } from '../../parts/LearningLine';
import { TextField } from '../../parts/TextField';
import { tone, useParameter } from '../../tide/parameters';

interface Line {
    key: string;
    label: string;
    before: number;
    since: number;
    /** By how much more the water gains of it, mg a week. */
    raises: number;
    origin: string;
}

interface Props {
    frame: SystemFrame;
    asked: { of: string; beforeFrom: string; beforeTo: string; sinceFrom: string; sinceTo: string };
    problem: string | null;
    why: {
        missing: { sentence: string; line: string } | null;
        levels?: [string, string];
        says?: string[];
        lines?: Line[];
        unexplained?: number | null;
        net?: number;
        changed?: { id: number | null; t: number; text: string }[];
        exhausted?: string[];
    } | null;
    learning: Learning;
}

/** Why did it rise? Two times beside each other, what moved the level most first. */
export default function Why({ frame, asked, problem, why, learning }: Props) {
    const { parameters } = useShared();
    const named = useParameter();
    const [typed, setTyped] = useState(asked);
    const parameter = named(asked.of);
    const url = `/systems/${frame.id}/ledger/why`;
    const ask = (next: Props['asked']) => router.get(url, { ...next }, { preserveScroll: true, preserveState: true });
    const field = (key: 'beforeFrom' | 'beforeTo' | 'sinceFrom' | 'sinceTo', label: string) => (
        <Box width="9.5rem">
            <TextField
                label={label}
                type="date"
                value={typed[key]}
                onText={(text) => setTyped({ ...typed, [key]: text })}
            />
        </Box>
    );
    return (
        <Frame title="Why did it change?" area="Ledger" frame={frame}>
            <chakra.h1 fontSize="xl" mb="2">
                Why did {parameter.name} change?
            </chakra.h1>
            <LearningLine learning={learning} only={['why']} />
            <chakra.form
                display="flex"
                flexWrap="wrap"
                gap="3"
                alignItems="end"
                mb="4"
                _print={{ display: 'none' }}
                onSubmit={(event) => {
                    event.preventDefault();
                    ask(typed);
                }}
            >
                <ChoiceField
                    label="Nutrient"
                    value={typed.of}
                    options={parameters
                        .filter(({ side }) => side !== 'row')
                        .map(({ key, name }) => [key, name] as const)}
                    onPick={(of) => {
                        setTyped({ ...typed, of });
                        ask({ ...typed, of });
                    }}
                />
                {field('beforeFrom', 'Before, from')}
                {field('beforeTo', 'Before, to')}
                {field('sinceFrom', 'Since, from')}
                {field('sinceTo', 'Since, to')}
                <Button type="submit" minH={{ base: '44px', md: '36px' }}>
                    Compare
                </Button>
            </chakra.form>
            {problem !== null && (
                <chakra.p role="alert" color="caution" fontWeight="600">
                    {problem}
                </chakra.p>
            )}
            {why !== null && why.missing !== null && (
                <Box maxWidth="36rem">
                    <p>{why.missing.sentence}</p>
                    {why.missing.line !== '' && (
                        <p>
                            Press L and write, for example, <chakra.code>{why.missing.line}</chakra.code>.
                        </p>
                    )}
                </Box>
            )}
            {why !== null && why.missing === null && <Told frame={frame} why={why} of={asked.of} />}
        </Frame>
    );
}

function Told({ frame, why, of }: { frame: SystemFrame; why: NonNullable<Props['why']>; of: string }) {
    const dates = useDates();
    const parameter = useParameter()(of);
    const [colour, ink, hairline] = useToken('colors', [tone(parameter), 'ink', 'hairline']) as [
        string,
        string,
        string,
    ];
    const lines = why.lines ?? [];
    const all = [...lines.map(({ raises }) => raises), why.unexplained ?? 0];
    const most = Math.max(1e-9, ...all.map(Math.abs));
    const bar = (raises: number) => (
        <svg width="160" height="16" role="img" aria-label={`${signed(raises, 1)} mg a week`}>
            <path d="M80 0V16" stroke={ink} />
            <path d="M0 8H160" stroke={hairline} />
            <rect
                x={raises < 0 ? 80 - (78 * -raises) / most : 80}
                y={3}
                width={Math.max(0.5, (78 * Math.abs(raises)) / most)}
                height={10}
                fill={colour}
            />
        </svg>
    );
    const row = (key: string, label: string, before: number | null, since: number | null, raises: number) => (
        <chakra.tr key={key} borderBottomWidth="1px">
            <chakra.th scope="row" textAlign="left" fontWeight="400" py="1" pr="3">
                {label}
            </chakra.th>
            <chakra.td textAlign="right" fontFamily="figure" pr="3">
                {before === null ? '' : figure(before, 1)}
            </chakra.td>
            <chakra.td textAlign="right" fontFamily="figure" pr="3">
                {since === null ? '' : figure(since, 1)}
            </chakra.td>
            <chakra.td display={{ base: 'none', md: 'table-cell' }}>{bar(raises)}</chakra.td>
            <chakra.td textAlign="right" fontFamily="figure">
                {signed(raises, 1)}
            </chakra.td>
        </chakra.tr>
    );
    return (
        <Box display="grid" gap="4" maxWidth="46rem">
            <chakra.p fontSize="lg">
                {`${parameter.name.charAt(0).toUpperCase()}${parameter.name.slice(1)}: ${why.levels?.[0] ?? ''} before, ${why.levels?.[1] ?? ''} since.`}
            </chakra.p>
            <p>{(why.says ?? []).join(' ')}</p>
            <Box overflowX="auto" tabIndex={0} role="region" aria-label="What came in and went out">
                <chakra.table width="100%" fontSize="sm">
                    <chakra.caption srOnly>What came in and went out, mg a week</chakra.caption>
                    <thead>
                        <chakra.tr borderBottomWidth="1.5px" color="quiet">
                            <chakra.th scope="col" textAlign="left" fontWeight="400">
                                mg a week
                            </chakra.th>
                            <chakra.th scope="col" textAlign="right" fontWeight="400" pr="3">
                                before
                            </chakra.th>
                            <chakra.th scope="col" textAlign="right" fontWeight="400" pr="3">
                                since
                            </chakra.th>
                            <chakra.th
                                scope="col"
                                display={{ base: 'none', md: 'table-cell' }}
                                fontWeight="400"
                                textAlign="left"
                            >
                                lowers · raises
                            </chakra.th>
                            <chakra.th scope="col" textAlign="right" fontWeight="400">
                                moves it by
                            </chakra.th>
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {lines.map((line) => row(line.key, line.label, line.before, line.since, line.raises))}
                        {why.unexplained !== null &&
                            why.unexplained !== undefined &&
                            row('unexplained', 'Unexplained', null, null, why.unexplained)}
                    </tbody>
                </chakra.table>
            </Box>
            {(why.exhausted ?? []).map((sentence) => (
                <chakra.p key={sentence} color="caution" fontWeight="600">
                    {sentence}
                </chakra.p>
            ))}
            <Box>
                <chakra.h2 fontSize="md">Changed in this time</chakra.h2>
                {(why.changed ?? []).length === 0 && <p>Nothing that is in the journal.</p>}
                <chakra.ul listStyleType="none">
                    {(why.changed ?? []).map((one) => (
                        <li key={`${one.id} ${one.t}`}>
                            {dates.day(one.t)}:{' '}
                            <Link href={`/systems/${frame.id}/journal?change=${one.id}`}>{one.text}</Link>
                        </li>
                    ))}
                </chakra.ul>
            </Box>
        </Box>
    );
}
