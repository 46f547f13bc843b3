import { Box, Input, chakra } from '@chakra-ui/react';
import { Button } from '../parts/Button';
import { router, usePage } from '@inertiajs/react';
import { useEffect, useRef, useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { EntryForm } from './EntryForm';
import { type JournalPage, type JournalRow } from './types';

const TYPING = 250;

/** The same journal as the chart, an entry a line or, on a phone, a card; newest first, a page at a time. */
export function JournalTable({
    systemId,
    table,
    levers,
    onPick,
    onAsk,
}: {
    systemId: number;
    table: JournalPage;
    /** What a judged change says, by its id. */
    levers: Map<number, string>;
    onPick: (id: number) => void;
    onAsk: (query: Record<string, string | number>) => void;
}) {
    const { url } = usePage();
    const [sought, setSought] = useState(table.words);
    const [open, setOpen] = useState<number | null>(null);
    const typing = useRef<ReturnType<typeof setTimeout>>(undefined);
    useEffect(() => () => clearTimeout(typing.current), []);

    return (
        <>
            <Box display="flex" flexWrap="wrap" alignItems="center" gap="3" mb="2" fontSize="sm">
                <chakra.label htmlFor="find" fontWeight="600">
                    Find
                </chakra.label>
                <Input
                    id="find"
                    autoFocus={url.includes('find=1')}
                    type="search"
                    maxWidth="20rem"
                    placeholder="cloudy, Oct, 0.08"
                    value={sought}
                    onChange={(event) => {
                        const words = event.target.value;
                        setSought(words);
                        clearTimeout(typing.current);
                        typing.current = setTimeout(() => onAsk({ words, page: 1 }), TYPING);
                    }}
                />
                <Box color="quiet" role="status">
                    {table.words !== '' && `${figure(table.found)} of ${figure(table.all)} entries`}
                </Box>
            </Box>
            <Box position="relative" role="region" aria-label="Journal entries">
                <chakra.table width="100%" fontSize="sm" display={{ base: 'block', md: 'table' }}>
                    <chakra.caption srOnly>Journal entries, newest first</chakra.caption>
                    <chakra.thead display={{ base: 'none', md: 'table-header-group' }}>
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
                    </chakra.thead>
                    {table.rows.map((row) => (
                        <Row
                            key={row.id}
                            systemId={systemId}
                            row={row}
                            lever={levers.get(row.id)}
                            isOpen={open === row.id}
                            onOpen={() => setOpen(open === row.id ? null : row.id)}
                            onPick={onPick}
                        />
                    ))}
                </chakra.table>
                {table.pages > 1 && (
                    <Box display="flex" gap="3" alignItems="center" mt="3" fontSize="sm">
                        <Button disabled={table.page <= 1} onClick={() => onAsk({ page: table.page - 1 })}>
                            Newer
                        </Button>
                        Page {figure(table.page)} of {figure(table.pages)}
                        <Button disabled={table.page >= table.pages} onClick={() => onAsk({ page: table.page + 1 })}>
                            Older
                        </Button>
                    </Box>
                )}
            </Box>
        </>
    );
}

function Row({
    systemId,
    row,
    lever,
    isOpen,
    onOpen,
    onPick,
}: {
    systemId: number;
    row: JournalRow;
    lever: string | undefined;
    isOpen: boolean;
    onOpen: () => void;
    onPick: (id: number) => void;
}) {
    const dates = useDates();
    const cell = { display: { base: 'block', md: 'table-cell' }, pr: '4' };
    const small = { look: 'plain', minH: { base: '44px', md: '26px' } } as const;
    const named = `${row.what} ${row.figure}, ${dates.moment(row.t)}`;

    return (
        <chakra.tbody
            display={{ base: 'block', md: 'table-row-group' }}
            borderBottomWidth="1px"
            py={{ base: '2', md: '0' }}
        >
            <chakra.tr display={{ base: 'block', md: 'table-row' }}>
                <chakra.td {...cell} py={{ base: '0', md: '1' }} whiteSpace="nowrap" fontFamily="figure">
                    {dates.moment(row.t)}
                </chakra.td>
                <chakra.td {...cell}>
                    {lever === undefined ? (
                        row.what
                    ) : (
                        <Button {...small} px="0" whiteSpace="normal" textAlign="left" onClick={() => onPick(row.id)}>
                            {lever}
                        </Button>
                    )}
                </chakra.td>
                <chakra.td {...cell} textAlign={{ base: 'left', md: 'right' }} fontFamily="figure" whiteSpace="nowrap">
                    {row.figure}
                </chakra.td>
                <chakra.td {...cell} color="quiet">
                    {row.more}
                </chakra.td>
                <chakra.td {...cell} pr="0" textAlign={{ base: 'left', md: 'right' }} whiteSpace="nowrap">
                    <Button
                        {...small}
                        id={`correct-${row.id}`}
                        px={{ base: '0', md: '3' }}
                        aria-expanded={isOpen}
                        aria-label={`Correct ${named}`}
                        onClick={onOpen}
                    >
                        Correct
                    </Button>
                    <Button
                        {...small}
                        aria-label={`Move to the bin: ${named}`}
                        onClick={() =>
                            router.delete(`/systems/${systemId}/journal/${row.id}`, {
                                preserveScroll: true,
                                preserveState: true,
                            })
                        }
                    >
                        Bin
                    </Button>
                </chakra.td>
            </chakra.tr>
            {isOpen && (
                <chakra.tr display={{ base: 'block', md: 'table-row' }}>
                    <chakra.td {...cell} colSpan={5}>
                        <EntryForm
                            at={`/systems/${systemId}/journal/${row.id}`}
                            label={`${row.what} ${row.figure}`.trim()}
                            onDone={() => {
                                onOpen();
                                setTimeout(() => document.getElementById(`correct-${row.id}`)?.focus());
                            }}
                        />
                    </chakra.td>
                </chakra.tr>
            )}
        </chakra.tbody>
    );
}
