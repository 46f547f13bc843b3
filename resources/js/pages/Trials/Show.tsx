import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { TextField } from '../../parts/TextField';
import { Curves } from '../../trials/Curves';
import { Grid } from '../../trials/Grid';
import { PowerTable } from '../../trials/PowerTable';
import { type Pair, type Trial } from '../../trials/types';

/** One trial: its plan, its sheet, and what it shows. */
export default function Show({ frame, trial }: { frame: SystemFrame; trial: Trial }) {
    const url = `/systems/${frame.id}/trials/${trial.id}`;
    const { setup } = trial;
    return (
        <Frame
            title={trial.question}
            area="Trials"
            frame={frame}
            aside={
                <Box display="grid" gap="3">
                    <chakra.h2 fontSize="lg">Plan</chakra.h2>
                    <p>
                        {`${trial.arms.join(', ')}: ${setup.units} units an arm, ${figure(setup.litres)} L each, read every ${setup.every} days for ${setup.weeks} weeks after ${setup.cyclingWeeks} weeks of cycling. Control: ${trial.control}.`}
                    </p>
                    <PowerTable power={trial.power} />
                    {trial.state !== 'planned' && <Amendments trial={trial} url={url} />}
                    <Box display="flex" gap="3" flexWrap="wrap" fontSize="sm" _print={{ display: 'none' }}>
                        <a href={`${url}/trial.json`} download>
                            Plan as a file
                        </a>
                        <a href={`${url}/readings.csv`} download>
                            Readings as CSV
                        </a>
                        <Button look="plain" px="0" onClick={() => print()}>
                            Print
                        </Button>
                        {trial.mayPlan && (
                            <Button look="plain" px="0" onClick={() => router.delete(url)}>
                                Move to the bin
                            </Button>
                        )}
                    </Box>
                </Box>
            }
        >
            <chakra.p fontSize="sm" _print={{ display: 'none' }}>
                <Link href={`/systems/${frame.id}/trials`}>All trials</Link>
            </chakra.p>
            <chakra.h1 fontSize="2xl">{trial.question}</chakra.h1>
            <chakra.p color="quiet" mb="2">
                {trial.day === null
                    ? 'Planned. Start it when the units are cycled; the plan is locked then.'
                    : `Day ${trial.day} of ${trial.lastDay}${trial.state === 'ended' ? ', ended' : ''}`}
            </chakra.p>
            {trial.headline !== '' && (
                <chakra.p
                    fontSize={trial.isJudged ? 'xl' : undefined}
                    fontWeight={trial.isJudged ? '700' : undefined}
                    mb="3"
                >
                    {trial.headline}
                </chakra.p>
            )}
            {trial.isJudged && (
                <Box display="grid" gap="4" mb="3">
                    <Pairs title="Level at the end" pairs={trial.end} />
                    <Pairs title="Mean over its time" pairs={trial.mean} />
                    <chakra.p fontSize="sm" color="quiet">
                        {trial.anova === null
                            ? 'Welch’s t test; next to it the exact test by exchanging units.'
                            : `All arms together: p ${figure(trial.anova, 3)} (analysis of variance). Pairs by Welch’s t test with Holm’s correction.`}
                    </chakra.p>
                </Box>
            )}
            {trial.left.length > 0 && (
                <chakra.p fontSize="sm" mb="2">
                    Does not count: {trial.left.join('; ')}.
                </chakra.p>
            )}
            <Curves trial={trial} />
            {trial.state === 'planned' && (
                <Box mt="3">
                    <chakra.h2 fontSize="lg">Places, by lot</chakra.h2>
                    <Labels trial={trial} />
                    {trial.setup.isBlind && (
                        <chakra.p fontSize="sm" color="quiet" mt="1" _print={{ display: 'none' }}>
                            Fill the units by this list. Printed labels carry the code alone, and from the start on the
                            arms are hidden until the trial is judged.
                        </chakra.p>
                    )}
                    {trial.mayPlan && (
                        <Button
                            look="solid"
                            mt="2"
                            minH={{ base: '44px', md: '36px' }}
                            onClick={() => router.post(`${url}/start`)}
                        >
                            Start: today is day 0
                        </Button>
                    )}
                </Box>
            )}
            {trial.state === 'running' && trial.mayLog && (
                <Box mt="3">
                    <chakra.h2 fontSize="lg" mb="1">
                        Readings
                    </chakra.h2>
                    <Grid key={trial.next} trial={trial} systemId={frame.id} />
                    {trial.mayPlan && (
                        <Button look="plain" px="0" mt="2" onClick={() => router.post(`${url}/end`)}>
                            End the trial
                        </Button>
                    )}
                </Box>
            )}
        </Frame>
    );
}

function Pairs({ title, pairs }: { title: string; pairs: Pair[] }) {
    return (
        <chakra.table fontSize="sm" maxWidth="40rem" width="100%">
            <chakra.caption captionSide="top" textAlign="left" fontWeight="700">
                {title}
            </chakra.caption>
            <thead>
                <chakra.tr borderBottomWidth="1px" color="quiet">
                    {['Arms', 'Difference, ppm', '95 %', 'p', 'p, exchange'].map((head, n) => (
                        <chakra.th key={head} scope="col" textAlign={n === 0 ? 'left' : 'right'} fontWeight="400">
                            {head}
                        </chakra.th>
                    ))}
                </chakra.tr>
            </thead>
            <tbody>
                {pairs.map((one) => (
                    <chakra.tr key={`${one.arm} ${one.than}`} borderBottomWidth="1px">
                        <chakra.th scope="row" textAlign="left" fontWeight={one.isClear ? '700' : '400'} py="1">
                            {`${one.arm} minus ${one.than}`}
                        </chakra.th>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {figure(one.difference)}
                        </chakra.td>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {one.low === null || one.high === null ? '' : `${figure(one.low)} to ${figure(one.high)}`}
                        </chakra.td>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {figure(one.p, 3)}
                        </chakra.td>
                        <chakra.td textAlign="right" fontFamily="figure">
                            {one.exchange === null ? '' : figure(one.exchange, 3)}
                        </chakra.td>
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}

/** A label for each unit, to print and stick on. */
function Labels({ trial }: { trial: Trial }) {
    return (
        <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(8rem, 1fr))" gap="2" mt="1">
            {trial.units.map(({ unit, arm }) => (
                <Box key={unit} borderWidth="1.5px" borderColor="ink" px="2" py="1">
                    <chakra.b fontSize="lg">{unit}</chakra.b>
                    <chakra.p _print={trial.setup.isBlind ? { display: 'none' } : {}}>
                        {arm === null ? '' : trial.arms[arm]}
                    </chakra.p>
                </Box>
            ))}
        </Box>
    );
}

function Amendments({ trial, url }: { trial: Trial; url: string }) {
    const [text, setText] = useState('');
    const [refused, setRefused] = useState<string>();
    return (
        <Box>
            <chakra.h3 fontWeight="700">Changed since the start</chakra.h3>
            {trial.amendments.length === 0 && <p>Nothing.</p>}
            {trial.amendments.map((one) => (
                <p key={`${one.day} ${one.text}`}>{`${one.day}: ${one.text}`}</p>
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
                            { text },
                            {
                                preserveScroll: true,
                                onError: (errors) => setRefused(errors['text']),
                                onSuccess: () => {
                                    setText('');
                                    setRefused(undefined);
                                },
                            },
                        );
                    }}
                >
                    <TextField label="What changes, and why" value={text} error={refused} onText={setText} />
                    <Button type="submit" justifySelf="start">
                        Note it
                    </Button>
                </chakra.form>
            )}
        </Box>
    );
}
