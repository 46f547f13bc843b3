import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame } from '../../lib/page';

export default function Import({ frame, megabytes }: { frame: SystemFrame; megabytes: number }) {
    const form = useForm<{ file: File | null }>({ file: null });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post(`/systems/${frame.id}/import`, { preserveState: true });
    }
    return (
        <Frame title="Import readings" area="Journal" frame={frame}>
            <Box maxWidth="44rem">
                <chakra.h1 fontSize="xl" mb="2">
                    Import readings
                </chakra.h1>
                <chakra.p mb="4">
                    A CSV file with a line of column names. Either one reading a row (date, parameter, value, unit,
                    method, note) or one column each for nitrate and phosphate. You see every row before anything is
                    saved.
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
                        <chakra.progress
                            value={form.progress.percentage ?? 0}
                            max="100"
                            aria-label="Sending the file"
                            width="100%"
                        />
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
                    {
                        'date,parameter,value,unit,method,note\n2026-03-04 20:15,no3,8.5,ppm,colour comparison,\n2026-03-04 20:15,po4,<0.02,ppm,pocket photometer,\n\nDatum;Nitrat;Phosphat (ppb P)\n4.3.2026;8,5;18'
                    }
                </chakra.pre>
            </Box>
        </Frame>
    );
}
