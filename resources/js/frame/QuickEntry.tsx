import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, type RefObject, memo, useEffect, useEffectEvent, useState } from 'react';
import { useDraft } from '../lib/useDraft';
import { useHistory } from '../lib/useHistory';
import { useShared } from '../lib/page';
import { Button } from '../parts/Button';
import { Kbd } from '../parts/Kbd';
import { tone } from '../tide/parameters';

interface Understood {
    chips: { tone: string; text: string; start: number; end: number }[];
    /** What was not understood, with whole lines that could be meant instead. */
    problems: { sentence: string; start: number; end: number; instead: string[] }[];
    cautions: string[];
    /** Lines of this tank's past that begin like it. */
    past: string[];
    mayBeSaved: boolean;
}

/** The one-line log. What is typed goes to the server as it grows; what it understood stands below as chips. */
export const QuickEntry = memo(function QuickEntry({
    systemId,
    field,
}: {
    systemId: number;
    field: RefObject<HTMLInputElement | null>;
}) {
    // What is typed stays in this window, so that leaving the page, or the door, loses nothing.
    const { now: line, change: setLine, restart } = useHistory(`ithys-log-${systemId}`, '');
    const { examples, parameters } = useShared();
    const toneOf = (key: string) => {
        const parameter = parameters.find((one) => one.key === key);
        return parameter && tone(parameter);
    };
    const [refusal, setRefusal] = useState('');
    const [scrolled, setScrolled] = useState(0);
    const [saving, setSaving] = useState(false);
    const [wanted, setWanted] = useState(false);
    const { answer, current, failed } = useDraft<Understood>(
        `/systems/${systemId}/journal/understand`,
        line.trim() === '' ? null : { line },
        120,
    );
    const understood = answer?.ok === true && line.trim() !== '' ? answer.result : null;
    const trouble = refusal || (answer?.ok === false ? Object.values(answer.errors)[0] : '') || '';
    const maySave = current ? understood?.mayBeSaved === true : failed;

    function write(other: string) {
        setLine(other);
        setRefusal('');
        field.current?.focus();
    }

    function post() {
        setWanted(false);
        setSaving(true);
        router.post(
            `/systems/${systemId}/journal`,
            { line },
            {
                preserveScroll: true,
                preserveState: true,
                onFinish: () => setSaving(false),
                onSuccess: () => {
                    restart('');
                    setRefusal('');
                },
                onError: (errors) => setRefusal(errors['line'] ?? 'Not saved.'),
            },
        );
    }

    function submit(event: SyntheticEvent) {
        event.preventDefault();
        if (maySave && !saving) {
            post();
        } else {
            // Enter may come before the answer to the last letter; the line waits for it.
            setWanted(line.trim() !== '' && !current && !saving);
        }
    }

    const postWanted = useEffectEvent(() => (maySave ? post() : setWanted(false)));
    useEffect(() => {
        const soon = wanted && (current || failed) ? setTimeout(postWanted) : undefined;
        return () => clearTimeout(soon);
    }, [wanted, current, failed]);

    return (
        <chakra.form
            onSubmit={submit}
            aria-label="Log"
            bg="raised"
            borderWidth="1.5px"
            borderColor="ink"
            borderRadius="4px"
            px="3"
            py={{ base: '1', md: '1.5' }}
        >
            <Box display="flex" alignItems="center" gap="3">
                <Kbd>L</Kbd>
                <Box flex="1" position="relative">
                    {understood !== null && <Pointed line={line} problems={understood.problems} scrolled={scrolled} />}
                    <chakra.input
                        ref={field}
                        value={line}
                        onChange={(event) => {
                            setLine(event.target.value);
                            setRefusal('');
                        }}
                        onScroll={(event) => setScrolled(event.currentTarget.scrollLeft)}
                        onKeyDown={(event) => {
                            const before = understood?.past[0];
                            if (event.key === 'Escape') {
                                event.currentTarget.blur();
                            } else if (event.key === 'ArrowDown' && before !== undefined) {
                                event.preventDefault();
                                write(before);
                            }
                        }}
                        aria-label="Log what was read or done"
                        aria-describedby="log-understood"
                        placeholder={examples.log.join('   ·   ')}
                        autoComplete="off"
                        autoCapitalize="none"
                        spellCheck={false}
                        maxLength={500}
                        width="100%"
                        minH={{ base: '44px', md: '38px' }}
                        bg="transparent"
                        fontFamily="figure"
                        fontSize={{ base: '16px', md: 'md' }}
                        outline="none"
                        position="relative"
                        _placeholder={{ color: 'quiet', opacity: 1 }}
                    />
                </Box>
                <chakra.button
                    type="submit"
                    aria-disabled={saving || !maySave}
                    minH={{ base: '44px', md: '32px' }}
                    px="3"
                    fontWeight="600"
                    fontSize="sm"
                    borderRadius="3px"
                    bg="ink"
                    color="paper"
                    cursor="pointer"
                    {...((saving || !maySave) && { bg: 'transparent', color: 'quiet', cursor: 'default' })}
                >
                    {saving ? 'Saving' : 'Save'}
                </chakra.button>
            </Box>
            <Box id="log-understood" aria-live="polite" fontSize="sm">
                {understood !== null && understood.chips.length > 0 && (
                    <Box display="flex" flexWrap="wrap" gap="1.5" pt="1" pb="1.5">
                        {understood.chips.map((chip, i) => (
                            <Box
                                key={i}
                                borderWidth="1.5px"
                                borderRadius="999px"
                                px="2.5"
                                fontWeight="600"
                                borderColor={toneOf(chip.tone) ?? 'edge'}
                                color={toneOf(chip.tone) ?? 'ink'}
                            >
                                {chip.text}
                            </Box>
                        ))}
                    </Box>
                )}
                {understood?.problems.map((problem, i) => (
                    <Box key={i} pb="1" display="flex" flexWrap="wrap" gap="1.5" alignItems="center">
                        <Box color="fault">{problem.sentence}</Box>
                        {problem.instead.map((other) => (
                            <Line key={other} line={other} label="Write instead" onPick={write} />
                        ))}
                    </Box>
                ))}
                {understood !== null && understood.past.length > 0 && (
                    <Box pb="1" display="flex" flexWrap="wrap" gap="1.5" alignItems="center" color="quiet">
                        As before
                        {understood.past.map((other) => (
                            <Line key={other} line={other} label="Write as before" onPick={write} />
                        ))}
                    </Box>
                )}
                {understood?.cautions.map((caution) => (
                    <Box key={caution} color="caution" pb="1">
                        Caution: {caution}
                    </Box>
                ))}
                {trouble !== '' && (
                    <Box color="fault" pb="1" role="alert">
                        {trouble}
                    </Box>
                )}
            </Box>
        </chakra.form>
    );
});

/** A whole line that can be taken instead of what is typed. */
function Line({ line, label, onPick }: { line: string; label: string; onPick: (line: string) => void }) {
    return (
        <Button
            minH={{ base: '44px', md: '28px' }}
            fontFamily="figure"
            fontWeight="400"
            whiteSpace="normal"
            textAlign="left"
            aria-label={`${label}: ${line}`}
            onClick={() => onPick(line)}
        >
            {line}
        </Button>
    );
}

/** Underlines the characters that were not understood, behind the transparent field. */
function Pointed({ line, problems, scrolled }: { line: string; problems: Understood['problems']; scrolled: number }) {
    const characters = Array.from(line);
    return (
        <Box
            aria-hidden="true"
            position="absolute"
            inset="0"
            display="flex"
            alignItems="center"
            overflow="hidden"
            whiteSpace="pre"
            fontFamily="figure"
            fontSize={{ base: '16px', md: 'md' }}
            color="transparent"
        >
            <span style={{ transform: `translateX(${-scrolled}px)` }}>
                {characters.map((character, i) => (
                    <Box
                        as="span"
                        key={i}
                        textDecorationLine={problems.some((p) => i >= p.start && i < p.end) ? 'underline' : 'none'}
                        textDecorationStyle="wavy"
                        textDecorationColor="fault"
                        textUnderlineOffset="4px"
                    >
                        {character}
                    </Box>
                ))}
            </span>
        </Box>
    );
}
