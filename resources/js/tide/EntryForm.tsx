import { Box, Input, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type ReactNode, type SyntheticEvent, useEffect, useRef, useState } from 'react';
import { useDates } from '../lib/dates';
import { getJson } from '../lib/postJson';
import { Button } from '../parts/Button';
import { TextField } from '../parts/TextField';

interface Fields {
    line: string;
    day: string;
    time: string;
    note: string;
}

interface Opened extends Fields {
    version: number;
    /** What stood there before, newest first. */
    history: (Fields & { replaced: number; by: string | null; was: string })[];
}

/** Corrects one entry where it stands: what, when and its note, with what it was before. */
export function EntryForm({ at, label, onDone }: { at: string; label: string; onDone: () => void }) {
    const [opened, setOpened] = useState<Opened | null>(null);
    const [fields, setFields] = useState<Fields>({ line: '', day: '', time: '', note: '' });
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [saving, setSaving] = useState(false);
    const first = useRef<HTMLInputElement>(null);
    const dates = useDates();
    const set = (change: Partial<Fields>) => setFields((before) => ({ ...before, ...change }));

    useEffect(() => {
        const control = new AbortController();
        getJson<Opened>(at, control.signal).then(
            (answer) => {
                if (answer.ok) {
                    setOpened(answer.result);
                    setFields(answer.result);
                    setTimeout(() => first.current?.focus());
                }
            },
            (problem: unknown) => {
                if (!control.signal.aborted) {
                    setErrors({ line: problem instanceof Error ? problem.message : 'It cannot be opened just now.' });
                }
            },
        );
        return () => control.abort();
    }, [at]);

    function submit(event: SyntheticEvent) {
        event.preventDefault();
        const { line, day, time, note } = fields;
        router.put(
            at,
            { line, day, time, note, version: opened?.version ?? 0 },
            {
                preserveScroll: true,
                preserveState: true,
                onStart: () => setSaving(true),
                onFinish: () => setSaving(false),
                onError: setErrors,
                onSuccess: onDone,
            },
        );
    }

    return (
        <chakra.form
            onSubmit={submit}
            aria-label={`Correct ${label}`}
            bg="raised"
            borderWidth="1px"
            p="3"
            my="1"
            display="grid"
            gap="3"
            // On a phone the table is wider than the screen, and the form stays in sight.
            position="sticky"
            left="0"
            maxWidth="calc(100vw - 1.5rem)"
            onKeyDown={(event) => {
                if (event.key === 'Escape') {
                    event.stopPropagation();
                    onDone();
                }
            }}
        >
            <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
                <Box flex="1 1 16rem">
                    <TextField
                        ref={first}
                        label="What"
                        value={fields.line}
                        error={errors['line']}
                        fontFamily="figure"
                        autoComplete="off"
                        spellCheck={false}
                        onText={(line) => set({ line })}
                    />
                </Box>
                <Labelled label="Day">
                    <Input type="date" value={fields.day} onChange={(event) => set({ day: event.target.value })} />
                </Labelled>
                <Labelled label="Time">
                    <Input type="time" value={fields.time} onChange={(event) => set({ time: event.target.value })} />
                </Labelled>
            </Box>
            <TextField label="Note" value={fields.note} error={errors['note']} onText={(note) => set({ note })} />
            <Box display="flex" gap="2">
                <Button type="submit" look="solid" disabled={saving || opened === null}>
                    {saving ? 'Saving' : 'Save the correction'}
                </Button>
                <Button type="button" onClick={onDone}>
                    Cancel
                </Button>
            </Box>
            {opened !== null && opened.history.length > 0 && (
                <chakra.ul fontSize="sm" aria-label="What it was before">
                    {opened.history.map((old, i) => (
                        <chakra.li key={i} display="flex" flexWrap="wrap" columnGap="3" alignItems="center">
                            <span>
                                Until {dates.moment(old.replaced)}
                                {old.by !== null && `, corrected by ${old.by}`}: {old.was}, {old.day} {old.time}
                            </span>
                            <Button type="button" look="plain" onClick={() => set(old)}>
                                Take these again
                            </Button>
                        </chakra.li>
                    ))}
                </chakra.ul>
            )}
        </chakra.form>
    );
}

function Labelled({ label, children }: { label: string; children: ReactNode }) {
    return (
        <chakra.label display="grid" gap="1.5" fontSize="sm" fontWeight="500">
            {label}
            {children}
        </chakra.label>
    );
}
