import { Box, Input, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { router, usePage } from '@inertiajs/react';
import { Fragment, useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { EntryForm } from './EntryForm';
import { useParameter, written } from './parameters';
import { type Sheet } from './types';

const STEP = 100;

/** The same journal as the tide sheet, a line an entry, newest first. */
export function JournalTable({
    systemId,
    sheet,
    onPick,
}: {
    systemId: number;
    sheet: Sheet;
    onPick: (id: number) => void;
}) {
    const [shown, setShown] = useState(STEP);
    const { url } = usePage();
    const [sought, setSought] = useState(() => new URLSearchParams(url.split('?')[1]).get('words') ?? '');
    const [open, setOpen] = useState<number | null>(null);
    const seeks = url.includes('find=1');
    const dates = useDates();
    const parameter = useParameter();
    const lines = [
        ...sheet.readings.map((reading) => ({
            id: reading.id,
            t: reading.t,
            lever: false,
            what: parameter(reading.parameter).name,
            figure: `${reading.below ? '<' : ''}${written(parameter(reading.parameter), reading.value)}`,
            more: [reading.method, reading.cloudy ? 'cloudy' : null, reading.note].filter(Boolean).join(', '),
        })),
        ...sheet.changes.map((change) => ({
            id: change.id,
            t: change.t,
            lever: change.judged,
            what: change.text,
            figure: '',
            more: '',
        })),
    ].sort((a, b) => b.t - a.t || b.id - a.id);
    const words = sought.toLowerCase().split(' ').filter(Boolean);
    const found = lines.filter((line) => {
        const text = `${dates.moment(line.t)} ${line.what} ${line.figure} ${line.more}`.toLowerCase();
        return words.every((word) => text.includes(word));
    });

    return (
        <>
            <Box display="flex" alignItems="center" gap="3" mb="2" fontSize="sm">
                <chakra.label htmlFor="find" fontWeight="600">
                    Find
                </chakra.label>
                <Input
                    id="find"
                    autoFocus={seeks}
                    type="search"
                    maxWidth="20rem"
                    placeholder="cloudy, Oct, 0.08"
                    value={sought}
                    onChange={(event) => {
                        setSought(event.target.value);
                        setShown(STEP);
                    }}
                />
                <Box color="quiet" role="status">
                    {words.length > 0 && `${figure(found.length)} of ${figure(lines.length)} entries`}
                </Box>
            </Box>
            <Box overflowX="auto" position="relative" tabIndex={0} role="region" aria-label="Journal entries">
                <chakra.table width="100%" fontSize="sm">
                    <chakra.caption srOnly>Journal entries, newest first</chakra.caption>
                    <thead>
                        <chakra.tr borderBottomWidth="1.5px" textAlign="left">
                            {['When', 'What', 'Reading', 'Method and note'].map((name, i) => (
                                <chakra.th
                                    key={name}
                                    scope="col"
                                    py="1.5"
                                    pr="4"
                                    textAlign={i === 2 ? 'right' : 'left'}
                                >
                                    {name}
                                </chakra.th>
                            ))}
                            <th scope="col">
                                <chakra.span srOnly>Correct or bin</chakra.span>
                            </th>
                        </chakra.tr>
                    </thead>
                    <tbody>
                        {found.slice(0, shown).map((line) => (
                            <Fragment key={line.id}>
                                <chakra.tr borderBottomWidth={open === line.id ? '0' : '1px'}>
                                    <chakra.td py="1" pr="4" whiteSpace="nowrap" fontFamily="figure">
                                        {dates.moment(line.t)}
                                    </chakra.td>
                                    <chakra.td pr="4">
                                        {line.lever ? (
                                            <Button
                                                look="plain"
                                                px="0"
                                                minH={{ base: '44px', md: '26px' }}
                                                whiteSpace="normal"
                                                textAlign="left"
                                                onClick={() => onPick(line.id)}
                                            >
                                                {line.what}
                                            </Button>
                                        ) : (
                                            line.what
                                        )}
                                    </chakra.td>
                                    <chakra.td pr="4" textAlign="right" fontFamily="figure" whiteSpace="nowrap">
                                        {line.figure}
                                    </chakra.td>
                                    <chakra.td pr="4" color="quiet">
                                        {line.more}
                                    </chakra.td>
                                    <chakra.td textAlign="right" whiteSpace="nowrap">
                                        <Button
                                            id={`correct-${line.id}`}
                                            look="plain"
                                            minH={{ base: '44px', md: '26px' }}
                                            aria-expanded={open === line.id}
                                            aria-label={`Correct ${line.what} ${line.figure}, ${dates.moment(line.t)}`}
                                            onClick={() => setOpen(open === line.id ? null : line.id)}
                                        >
                                            Correct
                                        </Button>
                                        <Button
                                            look="plain"
                                            minH={{ base: '44px', md: '26px' }}
                                            aria-label={`Move to the bin: ${line.what} ${line.figure}, ${dates.moment(line.t)}`}
                                            onClick={() =>
                                                router.delete(`/systems/${systemId}/journal/${line.id}`, {
                                                    preserveScroll: true,
                                                    preserveState: true,
                                                })
                                            }
                                        >
                                            Bin
                                        </Button>
                                    </chakra.td>
                                </chakra.tr>
                                {open === line.id && (
                                    <chakra.tr borderBottomWidth="1px">
                                        <chakra.td colSpan={5}>
                                            <EntryForm
                                                at={`/systems/${systemId}/journal/${line.id}`}
                                                label={`${line.what} ${line.figure}`.trim()}
                                                onDone={() => {
                                                    setOpen(null);
                                                    setTimeout(() =>
                                                        document.getElementById(`correct-${line.id}`)?.focus(),
                                                    );
                                                }}
                                            />
                                        </chakra.td>
                                    </chakra.tr>
                                )}
                            </Fragment>
                        ))}
                    </tbody>
                </chakra.table>
                {shown < found.length && (
                    <Button mt="3" onClick={() => setShown(shown + STEP)}>
                        Show {Math.min(STEP, found.length - shown)} more of {figure(found.length)}
                    </Button>
                )}
            </Box>
        </>
    );
}
