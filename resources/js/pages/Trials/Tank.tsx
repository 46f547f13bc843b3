import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { Frame } from '../../frame/Frame';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { Amendments, Lessons } from '../../trials/Notes';
import { Switches } from '../../trials/Switches';
import { Shows } from '../../trials/TankForm';
import { TankCurve } from '../../trials/TankCurve';
import { WeekBar } from '../../trials/WeekBar';
import { type TankTrial } from '../../trials/types';

/** One trial in your own tanks: what is switched when, what was read, and what it shows. */
export default function Tank({ frame, trial }: { frame: SystemFrame; trial: TankTrial }) {
    const url = `/systems/${frame.id}/trials/${trial.id}`;
    const { schedule } = trial;
    return (
        <Frame
            title={trial.question}
            area="Trials"
            frame={frame}
            aside={
                <Box display="grid" gap="3">
                    <chakra.h2 fontSize="lg">Plan</chakra.h2>
                    <p>
                        {`${trial.formLabel}: ${trial.change}. ${trial.label} tested every ${schedule.every} days. `}
                        {trial.form === 'switched'
                            ? `${schedule.periods} periods of ${schedule.phaseDays} days, washout ${schedule.washoutDays} days.`
                            : `${schedule.phaseDays} days before and after the change.`}
                        {trial.tanks.left === null
                            ? ''
                            : ` Changed: ${trial.tanks.changed}. Left as it is: ${trial.tanks.left}.`}
                    </p>
                    {trial.power !== null && (
                        <Shows power={trial.power} tank={trial.tanks.changed} isSwitched={trial.form === 'switched'} />
                    )}
                    {trial.state === 'planned' && trial.mayPlan && (
                        <Link href={`/systems/${frame.id}/trials?from=${trial.id}#plan`}>Plan it differently</Link>
                    )}
                    {trial.state !== 'planned' && (
                        <>
                            <Amendments trial={trial} url={url} />
                            <Lessons
                                key={trial.lessons.join()}
                                trial={trial}
                                learned={[]}
                                url={url}
                                next={`/systems/${frame.id}/trials?from=${trial.id}#plan`}
                            />
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
                        <a href={`${url}/trial.json`} download>
                            Plan as a file
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
                    ? 'Planned. The plan is locked when you start it.'
                    : `Day ${Math.min(trial.day, trial.lastDay)} of ${trial.lastDay}${trial.state === 'ended' ? ', ended' : ''}${trial.next === null ? '' : `. Next test on day ${trial.next}.`}`}
            </chakra.p>
            {trial.headline !== '' && (
                <chakra.p
                    fontSize={trial.isJudged ? 'xl' : undefined}
                    fontWeight={trial.isJudged ? '700' : undefined}
                    mb="2"
                >
                    {trial.headline}
                </chakra.p>
            )}
            {trial.perWeek !== null && (
                <WeekBar perWeek={trial.perWeek} unit={trial.unit} isWide={trial.form !== 'before'} />
            )}
            {trial.verdictAt !== null && (
                <chakra.p fontSize="sm" mb="2" _print={{ display: 'none' }}>
                    <Link href={trial.verdictAt}>{`The verdict in the journal of ${trial.tanks.changed}`}</Link>
                </chakra.p>
            )}
            {trial.caution !== '' && (
                <chakra.p color="caution" mb="2" _print={{ display: 'none' }}>
                    {trial.caution}
                </chakra.p>
            )}
            <TankCurve trial={trial} />
            {trial.remarks.length > 0 && (
                <chakra.ul fontSize="sm" pl="4" my="2" listStyleType="disc">
                    {trial.remarks.map((one) => (
                        <li key={one}>{one}</li>
                    ))}
                </chakra.ul>
            )}
            {trial.state === 'planned' && trial.mayPlan && (
                <Button
                    look="solid"
                    mt="3"
                    minH={{ base: '44px', md: '36px' }}
                    onClick={() => router.post(`${url}/start`)}
                >
                    Start: today is day 0
                </Button>
            )}
            {trial.form === 'switched' && <Switches trial={trial} url={url} />}
            {trial.form !== 'switched' && <Picked trial={trial} url={url} />}
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

/** The change in the journal that is judged. */
function Picked({ trial, url }: { trial: TankTrial; url: string }) {
    const [entry, setEntry] = useState(String(trial.entry ?? trial.candidates[0]?.id ?? ''));
    const [refused, setRefused] = useState<string>();
    return (
        <Box mt="3">
            <chakra.h2 fontSize="lg">The change</chakra.h2>
            <p>
                {`By lot: day ${figure(trial.changeDay)}, in ${trial.tanks.changed}. Log it in `}
                <Link href={trial.journal}>its journal</Link>
                {' on that day, then choose it here.'}
            </p>
            {trial.state !== 'planned' &&
                trial.mayLog &&
                (trial.candidates.length === 0 ? (
                    <chakra.p color="quiet">No change is logged on that day or in the week after it.</chakra.p>
                ) : (
                    <Box display="flex" flexWrap="wrap" gap="3" alignItems="end" mt="1" _print={{ display: 'none' }}>
                        <ChoiceField
                            label="Change in the journal"
                            value={entry}
                            options={trial.candidates.map(({ id, text }) => [String(id), text])}
                            onPick={setEntry}
                        />
                        <Button
                            onClick={() =>
                                router.put(
                                    `${url}/change`,
                                    { entry },
                                    { preserveScroll: true, onError: (errors) => setRefused(errors['entry']) },
                                )
                            }
                        >
                            {trial.entry === null ? 'Choose it' : 'Choose another'}
                        </Button>
                        {refused !== undefined && (
                            <chakra.p role="alert" color="fault" fontSize="sm">
                                {refused}
                            </chakra.p>
                        )}
                    </Box>
                ))}
        </Box>
    );
}
