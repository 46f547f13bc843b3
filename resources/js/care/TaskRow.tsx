import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { Check } from 'lucide-react';
import { type SyntheticEvent, useState } from 'react';
import { figure } from '../lib/figures';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { TextField } from '../parts/TextField';
import { IntervalForm } from './IntervalForm';
import { type Tank, type Task } from './types';

const SOILING = [
    ['', 'not said'],
    ['1', '1, hardly'],
    ['2', '2'],
    ['3', '3'],
    ['4', '4'],
    ['5', '5, clogged'],
] as const;

/** One thing to do: done by one touch, or still fine, or skipped; asked for no more than its entry needs. */
export function TaskRow({ tank, task, number }: { tank: Tank; task: Task; number: number | null }) {
    const [soiling, setSoiling] = useState('');
    const [typed, setTyped] = useState<string | null>(null);
    const [refused, setRefused] = useState<string>();
    const log = (line: string) =>
        router.post(
            `/systems/${tank.id}/journal`,
            { line },
            {
                preserveScroll: true,
                onSuccess: () => setTyped(null),
                onError: (errors) => setRefused(Object.values(errors)[0]),
            },
        );
    const isDone = task.when === 'done';
    const tick = () => {
        if (isDone) {
            router.delete(`/systems/${tank.id}/journal/${task.entry}`, { preserveScroll: true });
        } else if (task.href !== null) {
            router.visit(task.href);
        } else if (task.asks) {
            setTyped(typed === null ? task.line : null);
        } else {
            log(soiling === '' ? task.line : `${task.line} soiling ${soiling}`);
        }
    };
    return (
        <Box as="li" borderBottomWidth="1px" py="2" display="grid" gap="1">
            <Box display="flex" gap="3" alignItems="flex-start">
                {tank.mayLog && (
                    <chakra.button
                        type="button"
                        data-task={number ?? undefined}
                        aria-label={
                            isDone ? `Take back: ${task.label}, ${tank.name}` : `Done: ${task.label}, ${tank.name}`
                        }
                        title={number === null ? undefined : `Key ${number}`}
                        onClick={tick}
                        flexShrink="0"
                        width={{ base: '44px', md: '24px' }}
                        height={{ base: '44px', md: '24px' }}
                        borderWidth="1.5px"
                        borderColor={isDone ? 'kelp' : 'ink'}
                        bg={isDone ? 'kelp' : 'transparent'}
                        color="paper"
                        borderRadius="3px"
                        cursor="pointer"
                    >
                        {isDone && <Check size={18} aria-hidden="true" />}
                    </chakra.button>
                )}
                <Box flex="1" minW="0">
                    <Box fontWeight="700" color={isDone ? 'quiet' : undefined}>
                        {task.href === null ? task.label : <Link href={task.href}>{task.label}</Link>}
                    </Box>
                    <Box fontSize="sm" color="quiet">
                        {task.who === null ? task.why : `${task.who} · ${task.why}`}
                    </Box>
                </Box>
                <Box
                    width={{ base: '5.5rem', md: '8rem' }}
                    color={task.isLate ? 'caution' : undefined}
                    fontWeight={task.isLate ? '700' : undefined}
                >
                    {isDone ? 'done today' : task.when}
                </Box>
                <Box width="4rem" textAlign="right" fontFamily="figure">
                    {figure(task.minutes, 0)} min
                </Box>
            </Box>
            {!isDone && tank.mayLog && (
                <Box display="flex" flexWrap="wrap" gap="2" alignItems="center" ps={{ base: '0', md: '36px' }}>
                    {task.soiling && (
                        <Box width="9rem">
                            <ChoiceField label="Soiling" value={soiling} options={SOILING} onPick={setSoiling} />
                        </Box>
                    )}
                    {task.fine !== null && task.due !== null && (
                        <>
                            <Button
                                look="plain"
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Still fine: ${task.label}, ${tank.name}`}
                                onClick={() => log(task.fine ?? '')}
                            >
                                Still fine
                            </Button>
                            <Button
                                look="plain"
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Skip: ${task.label}, ${tank.name}`}
                                onClick={() => log(task.skip ?? '')}
                            >
                                Skip
                            </Button>
                        </>
                    )}
                    {task.days !== null && <IntervalForm tank={tank} task={task} />}
                </Box>
            )}
            {typed !== null && (
                <chakra.form
                    aria-label={`Log: ${task.label}`}
                    display="flex"
                    gap="2"
                    alignItems="end"
                    onSubmit={(event: SyntheticEvent) => {
                        event.preventDefault();
                        log(typed);
                    }}
                >
                    <Box flex="1" maxWidth="24rem">
                        <TextField label="Write the figure behind it" value={typed} error={refused} onText={setTyped} />
                    </Box>
                    <Button type="submit">Log it</Button>
                </chakra.form>
            )}
            {typed === null && refused !== undefined && (
                <chakra.p role="alert" color="caution" fontSize="sm">
                    {refused}
                </chakra.p>
            )}
        </Box>
    );
}
