import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { figure } from '../lib/figures';
import { Button } from '../parts/Button';
import { TextArea } from '../parts/TextArea';
import { TextField } from '../parts/TextField';
import { type TrialShell } from './types';

/** What was changed since the start, each with its day. */
export function Amendments({
    trial,
    url,
    hasFeed = false,
}: {
    trial: TrialShell;
    url: string;
    /** Whether its units are fed by the plan. */
    hasFeed?: boolean;
}) {
    const [text, setText] = useState('');
    const [nitrogen, setNitrogen] = useState('');
    const [refused, setRefused] = useState<Record<string, string>>({});
    return (
        <Box>
            <chakra.h3 fontWeight="700">Changed since the start</chakra.h3>
            {trial.amendments.length === 0 && <p>Nothing.</p>}
            {trial.amendments.map((one, n) => (
                <p key={`${n} ${one.day}`}>
                    {`${one.day}: ${one.text}`}
                    {one.nitrogen === undefined ? '' : ` Nitrogen fed from then on: ${figure(one.nitrogen)} mg a day.`}
                </p>
            ))}
            {trial.mayPlan && (
                <chakra.form
                    aria-label="Amend the plan"
                    display="grid"
                    gap="2"
                    mt="1"
                    _print={{ display: 'none' }}
                    onSubmit={(event: SyntheticEvent) => {
                        event.preventDefault();
                        router.post(
                            `${url}/amendments`,
                            { text, nitrogen },
                            {
                                preserveScroll: true,
                                onError: setRefused,
                                onSuccess: () => {
                                    setText('');
                                    setNitrogen('');
                                    setRefused({});
                                },
                            },
                        );
                    }}
                >
                    <TextField label="What changes, and why" value={text} error={refused['text']} onText={setText} />
                    {hasFeed && (
                        <TextField
                            label="Nitrogen fed, if it changes (mg/day)"
                            value={nitrogen}
                            error={refused['nitrogen']}
                            onText={setNitrogen}
                        />
                    )}
                    <Button type="submit" justifySelf="start">
                        Note it
                    </Button>
                </chakra.form>
            )}
        </Box>
    );
}

/** What went wrong, by the sheet and in your own words; the next plan starts from it. */
export function Lessons({
    trial,
    learned,
    url,
    next,
}: {
    trial: TrialShell;
    learned: string[];
    url: string;
    next: string;
}) {
    const [text, setText] = useState(trial.lessons.join('\n'));
    const [refused, setRefused] = useState<string>();
    return (
        <Box>
            <chakra.h3 fontWeight="700">What went wrong</chakra.h3>
            {learned.length + trial.lessons.length === 0 && <p>Nothing so far.</p>}
            <chakra.ul pl="4" listStyleType="disc">
                {[...trial.lessons, ...learned].map((one) => (
                    <li key={one}>{one}</li>
                ))}
            </chakra.ul>
            {trial.mayLog && (
                <chakra.form
                    aria-label="What you learned"
                    display="grid"
                    gap="2"
                    mt="1"
                    _print={{ display: 'none' }}
                    onSubmit={(event: SyntheticEvent) => {
                        event.preventDefault();
                        router.put(
                            `${url}/lessons`,
                            { text },
                            {
                                preserveScroll: true,
                                onError: (errors) => setRefused(errors['text']),
                                onSuccess: () => setRefused(undefined),
                            },
                        );
                    }}
                >
                    <TextArea label="Your own lines" rows={3} value={text} error={refused} onText={setText} />
                    <Button type="submit" justifySelf="start">
                        Keep these lines
                    </Button>
                </chakra.form>
            )}
            {trial.mayPlan && (
                <chakra.p mt="1" _print={{ display: 'none' }}>
                    <Link href={next}>Plan the next trial from this one</Link>
                </chakra.p>
            )}
        </Box>
    );
}
