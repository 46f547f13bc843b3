import { Box, Input, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame, useShared } from '../../lib/page';
import { ChoiceField } from '../../parts/ChoiceField';
import { Choice, TextField } from '../../parts/TextField';

interface Column {
    heading: string;
    /** What it holds, by its key. */
    use: string;
    /** What its figures are written in; empty where nothing says so. */
    unit: string;
    units: string[];
    /** What is taken where nothing says so; empty where that is not known. */
    assumed: string;
    /** What the kit shows nothing below, as typed. */
    limit: string;
    wantsLimit: boolean;
    /** A question that is answered before anything is saved, with the units that fit. */
    asked: { says: string; units: string[] } | null;
}

interface Layout {
    separator: string;
    dates: string;
    decimals: string;
    /** Why what is asked about is right. */
    because: string;
    columns: Column[];
}

interface Row {
    line: number;
    status: 'accepted' | 'partly' | 'refused' | 'present';
    leftOut: string[];
    said: string[];
    cells: string[];
    read: { t: number; text: string }[];
}

interface Props {
    frame: SystemFrame;
    upload: string;
    file: string;
    encoding: string;
    layout: Layout;
    /** What a column can hold, in groups. */
    uses: [string, [string, string][]][];
    ambiguousDates: boolean;
    remarks: string[];
    problem: string | null;
    preview: {
        counts: Record<Row['status'] | 'entries' | 'doubted', number>;
        rows: Row[];
        pages: number;
        /** Whether the counts are over the whole file. */
        isWhole: boolean;
    } | null;
    show: string;
    page: number;
}

const STATUS = {
    accepted: ['accepted', 'kelp'],
    partly: ['partly', 'caution'],
    refused: ['refused', 'fault'],
    present: ['already there', 'quiet'],
} as const;

export default function ImportPreview(props: Props) {
    const { frame, upload, layout, preview, show, page } = props;
    const { errors } = useShared();
    const [saving, setSaving] = useState(false);
    const [because, setBecause] = useState(layout.because);
    const dates = useDates();
    const address = `/systems/${frame.id}/import/${upload}`;
    const asRead = {
        separator: layout.separator,
        dates: layout.dates,
        decimals: layout.decimals,
        because: layout.because,
        uses: layout.columns.map(({ use }) => use),
        units: layout.columns.map(({ unit }) => unit),
        limits: layout.columns.map(({ limit }) => limit),
    };
    const ask = (change: Partial<typeof asRead> & { show?: string; page?: number }) =>
        router.get(
            address,
            { ...asRead, show, page: 1, ...change },
            { preserveScroll: true, preserveState: true, replace: true },
        );
    const set = (list: 'uses' | 'units' | 'limits', at: number, value: string) => {
        ask({ [list]: asRead[list].map((one, i) => (i === at ? value : one)) });
    };
    const confirm = () =>
        router.post(address, asRead, { onStart: () => setSaving(true), onFinish: () => setSaving(false) });
    const asked = layout.columns.flatMap((column, at) => (column.asked === null ? [] : [{ ...column.asked, at }]));
    const counts = preview?.counts;
    const trouble = props.problem ?? errors['file'] ?? '';

    return (
        <Frame title="Preview of an import" area="Journal" frame={frame}>
            <chakra.h1 fontSize="xl">Preview of {props.file}</chakra.h1>
            <chakra.p color="quiet" mb="3">
                Nothing is saved yet.{' '}
                {props.encoding !== 'UTF-8' && `The file is written in ${props.encoding} and was read as such.`}
            </chakra.p>
            <Box display="flex" flexWrap="wrap" gap="4" mb="3">
                <ChoiceField
                    label="Separator"
                    value={layout.separator}
                    onPick={(separator) => ask({ separator })}
                    options={[
                        [',', 'comma'],
                        [';', 'semicolon'],
                        ['\t', 'tab'],
                    ]}
                />
                <ChoiceField
                    label="Dates"
                    value={layout.dates}
                    onPick={(value) => ask({ dates: value })}
                    options={[
                        ['iso', 'year first: 2026-03-24'],
                        ['dmy', 'day first: 24/3/2026'],
                        ['mdy', 'month first: 3/24/2026'],
                        ['ymd', 'short year first: 26-03-24'],
                    ]}
                />
                <ChoiceField
                    label="Decimals"
                    value={layout.decimals}
                    onPick={(decimals) => ask({ decimals })}
                    options={[
                        ['point', 'point: 8.5'],
                        ['comma', 'comma: 8,5'],
                    ]}
                />
            </Box>
            {props.ambiguousDates && (
                <chakra.p color="caution" fontWeight="600" mb="3">
                    Dates could be day first or month first. They are read the way that keeps them in order. Check them
                    below.
                </chakra.p>
            )}
            {props.remarks.length > 0 && (
                <chakra.ul mb="3" ps="5" listStyleType="disc" aria-label="How the file is read">
                    {props.remarks.map((remark) => (
                        <li key={remark}>{remark}</li>
                    ))}
                </chakra.ul>
            )}
            {asked.map(({ says, units, at }) => (
                <Box key={at} color="caution" fontWeight="600" mb="3">
                    <chakra.span mr="2">{says}</chakra.span>
                    {units.map((unit) => (
                        <Button key={unit} mr="1" onClick={() => set('units', at, unit)}>
                            {unit}
                        </Button>
                    ))}
                </Box>
            ))}
            {trouble !== '' && (
                <chakra.p color="fault" fontWeight="600" role="alert" mb="3">
                    {trouble}
                </chakra.p>
            )}
            {counts && (
                <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" mb="3">
                    <Button
                        look="solid"
                        disabled={saving || counts.entries === 0 || asked.length > 0}
                        onClick={confirm}
                    >
                        {saving
                            ? 'Saving'
                            : !preview.isWhole
                              ? 'Save all of the file'
                              : `Save ${figure(counts.entries)} ${counts.entries === 1 ? 'entry' : 'entries'}`}
                    </Button>
                    <Link href={`/systems/${frame.id}/import`}>Choose another file</Link>
                    <Box role="group" aria-label="Rows shown" display="flex" flexWrap="wrap">
                        {(['all', 'accepted', 'partly', 'refused', 'present'] as const).map((kind) => (
                            <Button
                                key={kind}
                                look={show === kind ? 'solid' : 'line'}
                                aria-pressed={show === kind}
                                borderRadius="0"
                                ml="-1px"
                                onClick={() => ask({ show: kind })}
                            >
                                {kind === 'all'
                                    ? `all ${figure(counts.accepted + counts.partly + counts.refused + counts.present)}`
                                    : `${STATUS[kind][0]} ${figure(counts[kind])}`}
                            </Button>
                        ))}
                    </Box>
                </Box>
            )}
            {preview?.isWhole === false && counts && (
                <chakra.p mb="3">
                    The file is long. You see its first{' '}
                    {figure(counts.accepted + counts.partly + counts.refused + counts.present)} rows. Saving takes a few
                    minutes; then you see what was left out.
                </chakra.p>
            )}
            {counts && (counts.doubted > 0 || layout.because !== '') && (
                <Box
                    as="form"
                    mb="3"
                    display="flex"
                    flexWrap="wrap"
                    gap="3"
                    alignItems="end"
                    onSubmit={(event: SyntheticEvent) => {
                        event.preventDefault();
                        ask({ because: because.trim() });
                    }}
                >
                    <chakra.p flex="2 1 20rem" color={layout.because === '' ? 'caution' : 'ink'}>
                        {layout.because === ''
                            ? `Left out because they look wrong: ${figure(counts.doubted)}. Their rows say why. If they are right, give your reason.`
                            : `What looked wrong is taken: ${layout.because}`}
                    </chakra.p>
                    <Box flex="1 1 16rem">
                        <TextField label="Reason" value={because} maxLength={200} onText={setBecause} />
                    </Box>
                    <Button type="submit" disabled={because.trim() === layout.because}>
                        Take these too
                    </Button>
                </Box>
            )}
            <Box overflowX="auto" position="relative" tabIndex={0} role="region" aria-label="Rows of the file">
                <chakra.table width="100%" fontSize="sm">
                    <chakra.caption srOnly>Rows of the file with what was read from each</chakra.caption>
                    <thead>
                        <chakra.tr borderBottomWidth="1.5px" verticalAlign="bottom" textAlign="left">
                            <chakra.th scope="col" pr="3" pb="1">
                                Line
                            </chakra.th>
                            <chakra.th scope="col" pr="3" pb="1" minW="16rem">
                                Read as
                            </chakra.th>
                            {layout.columns.map((column, i) => (
                                <chakra.th key={i} scope="col" pr="3" pb="1" verticalAlign="top">
                                    <ColumnHead
                                        column={column}
                                        at={i}
                                        uses={props.uses}
                                        onUse={(use) => set('uses', i, use)}
                                        onUnit={(unit) => set('units', i, unit)}
                                        onLimit={(limit) => set('limits', i, limit)}
                                    />
                                </chakra.th>
                            ))}
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {preview?.rows.map((row) => (
                            <chakra.tr key={row.line} borderBottomWidth="1px" verticalAlign="top">
                                <chakra.td fontFamily="figure" pr="3" py="1">
                                    {row.line}
                                </chakra.td>
                                <chakra.td pr="3" py="1">
                                    <chakra.span fontWeight="700" color={STATUS[row.status][1]}>
                                        {STATUS[row.status][0]}
                                    </chakra.span>
                                    {row.read.map((reading, i) => (
                                        <Box key={i}>
                                            {dates.moment(reading.t)} · {reading.text}
                                        </Box>
                                    ))}
                                    {row.said.map((said) => (
                                        <Box key={said} color="quiet">
                                            {said}
                                        </Box>
                                    ))}
                                    {row.leftOut.map((reason) => (
                                        <Box key={reason} color={row.status === 'present' ? 'quiet' : 'fault'}>
                                            {row.status === 'partly' && 'Left out: '}
                                            {reason}
                                        </Box>
                                    ))}
                                </chakra.td>
                                {layout.columns.map((_, i) => (
                                    <chakra.td key={i} pr="3" py="1" fontFamily="figure" color="quiet">
                                        {row.cells[i] ?? ''}
                                    </chakra.td>
                                ))}
                            </chakra.tr>
                        ))}
                    </tbody>
                </chakra.table>
            </Box>
            {preview !== null && preview.pages > 1 && (
                <Box display="flex" gap="3" alignItems="center" mt="3">
                    <Button disabled={page <= 1} onClick={() => ask({ page: page - 1 })}>
                        Earlier rows
                    </Button>
                    <span>
                        page {figure(page)} of {figure(preview.pages)}
                    </span>
                    <Button disabled={page >= preview.pages} onClick={() => ask({ page: page + 1 })}>
                        Later rows
                    </Button>
                </Box>
            )}
        </Frame>
    );
}

/** What a column holds, its unit, and what its kit shows nothing below. */
function ColumnHead({
    column,
    at,
    uses,
    onUse,
    onUnit,
    onLimit,
}: {
    column: Column;
    at: number;
    uses: Props['uses'];
    onUse: (use: string) => void;
    onUnit: (unit: string) => void;
    onLimit: (limit: string) => void;
}) {
    const name = column.heading === '' ? `column ${at + 1}` : column.heading;
    return (
        <Box display="grid" gap="1" minW="7.5rem">
            <span>{name}</span>
            <Choice aria-label={`${name} holds`} value={column.use} onChange={(event) => onUse(event.target.value)}>
                {uses.map(([group, choices]) => (
                    <optgroup key={group} label={group}>
                        {choices.map(([use, label]) => (
                            <option key={use} value={use}>
                                {label}
                            </option>
                        ))}
                    </optgroup>
                ))}
            </Choice>
            {column.units.length > 0 && (
                <Choice
                    aria-label={`${name} is in`}
                    value={column.unit}
                    onChange={(event) => onUnit(event.target.value)}
                >
                    <option value="">{column.assumed === '' ? 'unit not given' : `${column.assumed}, assumed`}</option>
                    {column.units.map((unit) => (
                        <option key={unit}>{unit}</option>
                    ))}
                </Choice>
            )}
            {column.wantsLimit && (
                <Input
                    aria-label={`${name} shows nothing below`}
                    placeholder="nothing below"
                    defaultValue={column.limit}
                    size="sm"
                    onBlur={(event) => {
                        if (event.target.value !== column.limit) {
                            onLimit(event.target.value);
                        }
                    }}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.currentTarget.blur();
                        }
                    }}
                />
            )}
        </Box>
    );
}
