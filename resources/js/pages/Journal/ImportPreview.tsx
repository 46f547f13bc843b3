import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame, useShared } from '../../lib/page';
import { ChoiceField } from '../../parts/ChoiceField';
import { Choice } from '../../parts/TextField';

interface Options {
    separator: string;
    dates: string;
    decimals: string;
    unit: string;
    roles: string[];
}

interface Row {
    line: number;
    status: 'accepted' | 'refused' | 'present';
    reason: string | null;
    cells: string[];
    read: { t: number; text: string }[];
}

interface Props {
    frame: SystemFrame;
    upload: string;
    file: string;
    encoding: string;
    header: string[];
    options: Options;
    roles: [string, string][];
    ambiguousDates: boolean;
    problem: string | null;
    preview: {
        counts: { accepted: number; refused: number; present: number; readings: number };
        rows: Row[];
        pages: number;
    } | null;
    show: string;
    page: number;
}

const STATUS = {
    accepted: ['accepted', 'kelp'],
    refused: ['refused', 'fault'],
    present: ['already there', 'quiet'],
} as const;

export default function ImportPreview(props: Props) {
    const { frame, upload, header, options, preview, show, page } = props;
    const { errors } = useShared();
    const [saving, setSaving] = useState(false);
    const dates = useDates();
    const address = `/systems/${frame.id}/import/${upload}`;
    const ask = (change: Partial<Options> & { show?: string; page?: number }) =>
        router.get(
            address,
            { ...options, show, page: 1, ...change },
            { preserveScroll: true, preserveState: true, replace: true },
        );
    const confirm = () =>
        router.post(address, { ...options }, { onStart: () => setSaving(true), onFinish: () => setSaving(false) });
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
                    value={options.separator}
                    onPick={(separator) => ask({ separator })}
                    options={[
                        [',', 'comma'],
                        [';', 'semicolon'],
                        ['\t', 'tab'],
                    ]}
                />
                <ChoiceField
                    label="Dates"
                    value={options.dates}
                    onPick={(value) => ask({ dates: value })}
                    options={[
                        ['iso', 'year first: 2026-03-24'],
                        ['dmy', 'day first: 24/3/2026'],
                        ['mdy', 'month first: 3/24/2026'],
                    ]}
                />
                <ChoiceField
                    label="Decimals"
                    value={options.decimals}
                    onPick={(decimals) => ask({ decimals })}
                    options={[
                        ['point', 'point: 8.5'],
                        ['comma', 'comma: 8,5'],
                    ]}
                />
                <ChoiceField
                    label="Unit where none is given"
                    value={options.unit}
                    onPick={(unit) => ask({ unit })}
                    options={[
                        ['ppm', 'ppm (mg/L)'],
                        ['ppb', 'ppb (µg/L)'],
                    ]}
                />
            </Box>
            {props.ambiguousDates && (
                <chakra.p color="caution" fontWeight="600" mb="3">
                    Every date in the first rows could be day first or month first. Check the dates read below.
                </chakra.p>
            )}
            {trouble !== '' && (
                <chakra.p color="fault" fontWeight="600" role="alert" mb="3">
                    {trouble}
                </chakra.p>
            )}
            {counts && (
                <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" mb="3">
                    <Button look="solid" disabled={saving || counts.readings === 0} onClick={confirm}>
                        {saving
                            ? 'Saving'
                            : `Save ${figure(counts.readings)} ${counts.readings === 1 ? 'reading' : 'readings'}`}
                    </Button>
                    <Link href={`/systems/${frame.id}/import`}>Choose another file</Link>
                    <Box role="group" aria-label="Rows shown" display="flex" flexWrap="wrap">
                        {(['all', 'accepted', 'refused', 'present'] as const).map((kind) => (
                            <Button
                                key={kind}
                                look={show === kind ? 'solid' : 'line'}
                                aria-pressed={show === kind}
                                borderRadius="0"
                                ml="-1px"
                                onClick={() => ask({ show: kind })}
                            >
                                {kind === 'all'
                                    ? `all ${figure(counts.accepted + counts.refused + counts.present)}`
                                    : `${STATUS[kind][0]} ${figure(counts[kind])}`}
                            </Button>
                        ))}
                    </Box>
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
                            {header.map((name, i) => (
                                <chakra.th key={i} scope="col" pr="3" pb="1">
                                    <Box mb="1">{name === '' ? `column ${i + 1}` : name}</Box>
                                    <Choice
                                        aria-label={`Column ${name} holds`}
                                        value={options.roles[i]}
                                        onChange={(event) =>
                                            ask({
                                                roles: options.roles.map((role, j) =>
                                                    i === j ? event.target.value : role,
                                                ),
                                            })
                                        }
                                    >
                                        {props.roles.map(([role, name]) => (
                                            <option key={role} value={role}>
                                                {name}
                                            </option>
                                        ))}
                                    </Choice>
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
                                    {row.status === 'refused' && <>: {row.reason}</>}
                                    {row.read.map((reading) => (
                                        <Box key={reading.text}>
                                            {dates.moment(reading.t)} · {reading.text}
                                        </Box>
                                    ))}
                                </chakra.td>
                                {header.map((_, i) => (
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
