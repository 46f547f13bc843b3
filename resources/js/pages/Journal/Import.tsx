import { Box, chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Frame } from '../../frame/Frame';
import { type SystemFrame, useShared } from '../../lib/page';

export default function Import({
    frame,
    megabytes,
    example,
}: {
    frame: SystemFrame;
    megabytes: number;
    example: string;
}) {
    const form = useForm<{ file: File | null }>({ file: null });
    const { parameters } = useShared();
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
                    method, note) or one column each for {parameters.map(({ name }) => name).join(' and ')}. You see
                    every row before anything is saved.
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
                    {example}
                </chakra.pre>
            </Box>
        </Frame>
    );
}
