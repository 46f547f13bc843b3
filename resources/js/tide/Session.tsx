import { Box, Input, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { type Parameter, useShared } from '../lib/page';
import { useDraft } from '../lib/useDraft';
import { Button } from '../parts/Button';
import { type ReadingMark } from './types';

interface Understood {
    problems: { sentence: string }[];
    mayBeSaved: boolean;
}

/** The readings of one session in large fields, one for each parameter that is read here; logged as one line. */
export function Session({ systemId, readings }: { systemId: number; readings: ReadingMark[] }) {
    const { parameters } = useShared();
    const [open, setOpen] = useState(false);
    const [typed, setTyped] = useState<Record<string, string>>({});
    const [more, setMore] = useState(false);
    const [trouble, setTrouble] = useState('');
    const [saving, setSaving] = useState(false);
    const read = new Set(readings.map((reading) => reading.parameter));
    const isUsual = ({ key, side }: Parameter) => side !== 'row' || read.has(key);
    const line = parameters
        .map(({ key }) => [key, (typed[key] ?? '').trim()] as const)
        .filter(([, figure]) => figure !== '')
        .map(([key, figure]) => `${key} ${figure}`)
        .join(' ');
    const { answer, current } = useDraft<Understood>(
        `/systems/${systemId}/journal/understand`,
        open && line !== '' ? { line } : null,
    );
    const understood = answer?.ok === true && line !== '' ? answer.result : null;

    function submit(event: SyntheticEvent) {
        event.preventDefault();
        setTrouble('');
        router.post(
            `/systems/${systemId}/journal`,
            { line },
            {
                preserveScroll: true,
                preserveState: true,
                onStart: () => setSaving(true),
                onFinish: () => setSaving(false),
                onError: (errors) => setTrouble(errors['line'] ?? 'Not saved.'),
                onSuccess: () => {
                    setTyped({});
                    setOpen(false);
                },
            },
        );
    }

    if (!open) {
        return (
            <Button minH={{ base: '44px', md: '28px' }} onClick={() => setOpen(true)}>
                Several readings
            </Button>
        );
    }
    return (
        <chakra.form
            onSubmit={submit}
            aria-label="Several readings"
            flexBasis="100%"
            bg="raised"
            borderWidth="1px"
            borderRadius="3px"
            p="3"
            display="grid"
            gap="3"
        >
            <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(9rem, 1fr))" gap="3">
                {parameters
                    .filter((parameter) => more || isUsual(parameter))
                    .map(({ key, name, unit }, i) => (
                        <chakra.label key={key} fontSize="sm" fontWeight="600" display="grid" gap="1">
                            <span>
                                {name} <chakra.span color="quiet">{unit}</chakra.span>
                            </span>
                            <Input
                                inputMode="decimal"
                                autoComplete="off"
                                autoFocus={i === 0}
                                value={typed[key] ?? ''}
                                onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
                                minH="52px"
                                fontSize="22px"
                                fontFamily="figure"
                            />
                        </chakra.label>
                    ))}
            </Box>
            <Box aria-live="polite" fontSize="sm" color="fault">
                {understood?.problems.map((problem) => (
                    <Box key={problem.sentence}>{problem.sentence}</Box>
                ))}
                {trouble !== '' && <Box role="alert">{trouble}</Box>}
            </Box>
            <Box display="flex" flexWrap="wrap" gap="2">
                <Button type="submit" look="solid" disabled={saving || !current || understood?.mayBeSaved !== true}>
                    {saving ? 'Saving' : 'Save the readings'}
                </Button>
                {!more && (
                    <Button type="button" onClick={() => setMore(true)}>
                        More parameters
                    </Button>
                )}
                <Button type="button" onClick={() => setOpen(false)}>
                    Cancel
                </Button>
            </Box>
        </chakra.form>
    );
}
