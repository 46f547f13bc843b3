import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { ProgressBar } from '../../parts/ProgressBar';
import { router, useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';

interface PastImport {
    t: number;
    file: string;
    /** How many of its entries are in the journal, and how many in the bin. */
    entries: number;
    binned: number;
    takeBack: string;
    putBack: string;
}

export default function Import({
    frame,
    megabytes,
    example,
    past,
}: {
    frame: SystemFrame;
    megabytes: number;
    example: string;
    past: PastImport[];
}) {
    const form = useForm<{ file: File | null }>({ file: null });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post(`/systems/${frame.id}/import`, { preserveState: true });
    }
    return (
        <Frame title="Import a table" area="Journal" frame={frame}>
            <Box maxWidth="44rem">
                <chakra.h1 fontSize="xl" mb="2">
                    Import a table
                </chakra.h1>
                <chakra.p mb="4">
                    A CSV file with a line of column names: a column each for what you read and did, or one entry a row
                    (date, parameter, value, unit). Readings, water changes, doses, socks, feedings and notes are read.
                    You see every row before anything is saved.
                </chakra.p>
                <chakra.form onSubmit={submit} display="grid" gap="4">
                    <Box>
                        <chakra.label htmlFor="file" fontWeight="600" fontSize="sm" display="block" mb="1">
                            CSV file, at most {megabytes} MB
                        </chakra.label>
                        <chakra.input
                            id="file"
                            type="file"
                            accept=".csv,.txt,.tsv,text/csv,text/plain"
                            aria-invalid={form.errors.file !== undefined}
                            aria-describedby="file-error"
                            onChange={(event) => form.setData('file', event.target.files?.[0] ?? null)}
                            fontSize="sm"
                            minH="44px"
                        />
                        <Box id="file-error" color="fault" fontSize="sm" role="alert">
                            {form.errors.file}
                        </Box>
                    </Box>
                    {form.progress && (
                        <ProgressBar label="Sending the file" done={form.progress.percentage ?? 0} of={100} />
                    )}
                    <Button
                        type="submit"
                        look="solid"
                        justifySelf="start"
                        disabled={form.processing || form.data.file === null}
                    >
                        {form.processing ? 'Reading the file' : 'Show what is in it'}
                    </Button>
                </chakra.form>
                <chakra.pre
                    bg="raised"
                    borderWidth="1px"
                    p="3"
                    mt="6"
                    fontFamily="figure"
                    fontSize="sm"
                    overflowX="auto"
                    tabIndex={0}
                    aria-label="Two examples of files"
                >
                    {example}
                </chakra.pre>
                {past.length > 0 && <PastImports past={past} />}
            </Box>
        </Frame>
    );
}

/** The files read so far; each can be taken back whole on any day. */
function PastImports({ past }: { past: PastImport[] }) {
    const dates = useDates();
    return (
        <>
            <chakra.h2 fontSize="lg" mt="6" mb="1">
                Imported so far
            </chakra.h2>
            <chakra.ul>
                {past.map((one) => (
                    <chakra.li
                        key={one.takeBack}
                        display="flex"
                        flexWrap="wrap"
                        columnGap="4"
                        alignItems="center"
                        borderBottomWidth="1px"
                        fontSize="sm"
                    >
                        <Box fontFamily="figure">{dates.moment(one.t)}</Box>
                        <Box flex="1" minW="8rem" overflowWrap="anywhere">
                            {one.file}
                        </Box>
                        <Box>
                            {figure(one.entries)} in the journal{one.binned > 0 && `, ${figure(one.binned)} in the bin`}
                        </Box>
                        <Button
                            look="plain"
                            aria-label={`${one.entries > 0 ? 'Take back' : 'Put back'} ${one.file}, ${dates.moment(one.t)}`}
                            onClick={() =>
                                router.post(one.entries > 0 ? one.takeBack : one.putBack, {}, { preserveScroll: true })
                            }
                        >
                            {one.entries > 0 ? 'Take back' : 'Put back'}
                        </Button>
                    </chakra.li>
                ))}
            </chakra.ul>
        </>
    );
}
