import { Box, chakra } from '@chakra-ui/react';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Button } from './Button';
import { ChoiceField } from './ChoiceField';
import { TextField } from './TextField';

/** From which day a saved design holds. */
export function ForceForm({
    url,
    label,
    says,
    today,
    together,
    onDone,
}: {
    url: string;
    label: string;
    says: string;
    /** The keeper's own day, as 2026-03-04. */
    today: string;
    /** Drafts of which one can be put in force in the same step. */
    together?: { label: string; of: { id: number; name: string }[] };
    onDone: () => void;
}) {
    const form = useForm({ since: today, draft: '' });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post(url, { preserveScroll: true, onSuccess: onDone });
    }
    return (
        <chakra.form
            onSubmit={submit}
            noValidate
            display="flex"
            flexWrap="wrap"
            gap="3"
            alignItems="end"
            mb="3"
            bg="band"
            p="3"
        >
            <Box width="15rem">
                <TextField
                    label={label}
                    type="date"
                    value={form.data.since}
                    onText={(since) => form.setData('since', since)}
                    error={form.errors.since}
                />
            </Box>
            {together !== undefined && together.of.length > 0 && (
                <Box width="15rem">
                    <ChoiceField
                        label={together.label}
                        value={form.data.draft}
                        options={[
                            ['', 'as it is in force'],
                            ...together.of.map(({ id, name }) => [String(id), name] as const),
                        ]}
                        onPick={(draft) => form.setData('draft', draft)}
                    />
                </Box>
            )}
            <Button type="submit" look="solid" disabled={form.processing}>
                Put in force
            </Button>
            <Box fontSize="sm" color="quiet" flex="1 1 14rem">
                {says}
            </Box>
        </chakra.form>
    );
}
