import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type ReactNode } from 'react';
import { Frame } from '../frame/Frame';
import { type SystemFrame } from '../lib/page';
import { Button } from '../parts/Button';
import { Amendments, Lessons } from './Notes';
import { type TrialShell } from './types';

interface Props {
    frame: SystemFrame;
    trial: TrialShell & { headline: string; isJudged: boolean };
    /** What comes next, after the day of the trial. */
    when: string;
    plan: ReactNode;
    /** What can be taken along, by name and address. */
    files: [string, string][];
    learned: string[];
    /** Whether its units are fed by the plan. */
    hasFeed?: boolean;
    children: ReactNode;
}

/** The page of a trial of any form: its question and verdict, its plan and what was learned at the side. */
export function TrialPage({ frame, trial, when, plan, files, learned, hasFeed = false, children }: Props) {
    const url = `/systems/${frame.id}/trials/${trial.id}`;
    const next = `/systems/${frame.id}/trials?from=${trial.id}#plan`;
    return (
        <Frame
            title={trial.question}
            area="Trials"
            frame={frame}
            aside={
                <Box display="grid" gap="3">
                    <chakra.h2 fontSize="lg">Plan</chakra.h2>
                    {plan}
                    {trial.state === 'planned' && trial.mayPlan && <Link href={next}>Plan it differently</Link>}
                    {trial.state !== 'planned' && (
                        <>
                            <Amendments trial={trial} url={url} hasFeed={hasFeed} />
                            <Lessons key={trial.lessons.join()} trial={trial} learned={learned} url={url} next={next} />
                        </>
                    )}
                    <Box
                        display="flex"
                        alignItems="center"
                        columnGap="3"
                        flexWrap="wrap"
                        fontSize="sm"
                        _print={{ display: 'none' }}
                    >
                        {files.map(([name, file]) => (
                            <a key={file} href={`${url}/${file}`} download>
                                {name}
                            </a>
                        ))}
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
                    ? when
                    : `Day ${Math.min(trial.day, trial.lastDay)} of ${trial.lastDay}${trial.state === 'ended' ? ', ended' : ''}${when}`}
            </chakra.p>
            {trial.headline !== '' && (
                <chakra.p
                    fontSize={trial.isJudged ? 'xl' : undefined}
                    fontWeight={trial.isJudged ? '700' : undefined}
                    mb="1"
                >
                    {trial.headline}
                </chakra.p>
            )}
            {children}
            {trial.state === 'running' && trial.mayPlan && (
                <Button
                    look="plain"
                    px="0"
                    mt="2"
                    _print={{ display: 'none' }}
                    onClick={() => router.post(`${url}/end`)}
                >
                    End the trial
                </Button>
            )}
        </Frame>
    );
}
