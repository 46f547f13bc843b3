import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { figure } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { Switches } from '../../trials/Switches';
import { Shows } from '../../trials/TankForm';
import { TankCurve } from '../../trials/TankCurve';
import { TrialPage } from '../../trials/TrialPage';
import { WeekBar } from '../../trials/WeekBar';
import { type TankTrial } from '../../trials/types';

/** One trial in your own tanks: what is switched when, what was read, and what it shows. */
export default function Tank({ frame, trial }: { frame: SystemFrame; trial: TankTrial }) {
    const url = `/systems/${frame.id}/trials/${trial.id}`;
    const { schedule } = trial;
    return (
        <TrialPage
            frame={frame}
            trial={trial}
            when={
                trial.day === null
                    ? 'Planned. The plan is locked when you start it.'
                    : trial.next === null
                      ? ''
                      : `. Next test on day ${trial.next}.`
            }
            learned={[]}
            files={[['Plan as a file', 'trial.json']]}
            plan={
                <>
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
                </>
            }
        >
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
        </TrialPage>
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
