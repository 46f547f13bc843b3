import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Button } from '../parts/Button';
import { TextArea } from '../parts/TextArea';

/** Readings pasted from a spreadsheet, or from a CSV file. */
export function TableForm({ at, units }: { at: string; units: string[] }) {
    const [table, setTable] = useState('');
    const [errors, setErrors] = useState<Record<string, string>>({});
    const example = `day,${units.slice(0, 2).join(',')}\n7,8.5,9`;
    return (
        <chakra.details mt="3">
            <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                Readings from a table
            </chakra.summary>
            <chakra.form
                aria-label="Readings from a table"
                display="grid"
                gap="2"
                maxWidth="40rem"
                onSubmit={(event: SyntheticEvent) => {
                    event.preventDefault();
                    router.post(
                        at,
                        { table },
                        {
                            preserveScroll: true,
                            onError: setErrors,
                            onSuccess: () => {
                                setTable('');
                                setErrors({});
                            },
                        },
                    );
                }}
            >
                <input
                    type="file"
                    aria-label="CSV file of readings"
                    accept="text/csv,.csv,text/plain"
                    onChange={(event) => {
                        void event.target.files?.[0]?.text().then(setTable);
                    }}
                />
                <TextArea
                    label="Or paste it"
                    value={table}
                    rows={4}
                    placeholder={example}
                    spellCheck={false}
                    fontFamily="figure"
                    onText={setTable}
                />
                <chakra.p fontSize="sm" color="quiet">
                    One row per day with a column per unit, or one row per reading: unit, day, parameter, reading.
                </chakra.p>
                {Object.values(errors).map((sentence) => (
                    <chakra.p key={sentence} role="alert" color="fault" fontSize="sm">
                        {sentence}
                    </chakra.p>
                ))}
                <Box>
                    <Button type="submit" disabled={table.trim() === ''}>
                        Save the table
                    </Button>
                </Box>
            </chakra.form>
        </chakra.details>
    );
}
