import { Box, chakra } from '@chakra-ui/react';
import { Link, router, useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';
import { type PathTemplate } from './types';

/** Begins a draft: from a style, or from a file. */
export function PathBegin({ systemId, templates }: { systemId: number; templates: PathTemplate[] }) {
    const begin = (style: string, empty: boolean) => router.post(`/systems/${systemId}/drafts`, { style, empty });
    const form = useForm<{ file: File | null }>({ file: null });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post(`/systems/${systemId}/drafts/import`, { forceFormData: true });
    }
    return (
        <Box maxWidth="46rem">
            <chakra.p mb="3">
                Begin with the usual order of a style, then set it right for your tank: add, drag and take out stages,
                and read what a reviewer would say of it.{' '}
                <Link href={`/systems/${systemId}/path/styles`}>Compare the styles</Link> for your room first if you
                have the choice.
            </chakra.p>
            <chakra.ul listStyleType="none" mb="6">
                {templates.map(({ style, label, stages }) => (
                    <Box
                        as="li"
                        key={style}
                        display="flex"
                        flexWrap="wrap"
                        columnGap="4"
                        rowGap="1"
                        alignItems="center"
                        borderTopWidth="1px"
                        py="2"
                    >
                        <Box flex="1 1 24rem">
                            <b>{label}</b>
                            <Box fontSize="sm" color="quiet">
                                {stages.join(' › ')}
                            </Box>
                        </Box>
                        <Button onClick={() => begin(style, false)}>
                            Begin <chakra.span srOnly>with {label}</chakra.span>
                        </Button>
                        <Button look="plain" onClick={() => begin(style, true)}>
                            Empty <chakra.span srOnly>{label}</chakra.span>
                        </Button>
                    </Box>
                ))}
            </chakra.ul>
            <chakra.h2 fontSize="md" mb="2">
                Or from a file
            </chakra.h2>
            <chakra.form onSubmit={submit} noValidate display="flex" flexWrap="wrap" gap="3" alignItems="end">
                <Box width="22rem" maxWidth="100%">
                    <TextField
                        label="Path as JSON"
                        type="file"
                        accept=".json,application/json"
                        py="1.5"
                        onText={() => undefined}
                        onInput={(event) => form.setData('file', event.currentTarget.files?.[0] ?? null)}
                        error={form.errors.file}
                    />
                </Box>
                <Button type="submit" disabled={form.processing || form.data.file === null}>
                    Import as a draft
                </Button>
            </chakra.form>
        </Box>
    );
}
