import { Box, chakra } from '@chakra-ui/react';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { figure, useUnits } from '../../lib/figures';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { ChoiceField } from '../../parts/ChoiceField';
import { ColumnHeads } from '../../parts/ColumnHeads';
import { Photos } from '../../tide/Photos';
import { Curves } from '../../trials/Curves';
import { Grid } from '../../trials/Grid';
import { PowerTable } from '../../trials/PowerTable';
import { TrialPage } from '../../trials/TrialPage';
import { WholeSheet } from '../../trials/WholeSheet';
import { type Pair, type Trial, type TrialRead } from '../../trials/types';

/** One trial: its plan, its sheet, and what it shows. */
export default function Show({ frame, trial }: { frame: SystemFrame; trial: Trial }) {
    const url = `/systems/${frame.id}/trials/${trial.id}`;
    const { setup } = trial;
    const { show } = useUnits();
    const [at, setAt] = useState(0);
    const read = trial.reads[at];
    return (
        <TrialPage
            frame={frame}
            trial={trial}
            when={trial.day === null ? 'Planned. Start it when the units are cycled; the plan is locked then.' : ''}
            learned={trial.learned}
            hasFeed
            files={[
                ['Trial as a file', 'trial.json'],
                ['Report as SVG', 'report.svg'],
                ['Readings as CSV', 'readings.csv'],
            ]}
            plan={
                <>
                    <p>
                        {`Arms: ${trial.arms.join(', ')}; ${setup.units} units per arm, ${show(setup.litres, 'volume')} each. Tested every ${setup.every} days for ${setup.weeks} weeks, after ${setup.cyclingWeeks} weeks of cycling. Control: ${trial.control}. Feed: ${trial.feed}${trial.nitrogen === null ? '' : `, ${figure(trial.nitrogen)} mg of nitrogen a day per unit`}.`}
                        {trial.reads.map(({ label, kit, step, unit }) =>
                            kit === '' ? '' : ` ${label} by ${kit}, step ${figure(step)} ${unit}.`,
                        )}
                        {trial.stop === '' ? '' : ` Stops early if: ${trial.stop}.`}
                    </p>
                    <PowerTable power={trial.power} />
                </>
            }
        >
            {trial.details.map((one) => (
                <chakra.p key={one} mb="2">
                    {one}
                </chakra.p>
            ))}
            {trial.reads.length > 1 && (
                <Box maxWidth="16rem" mb="3" _print={{ display: 'none' }}>
                    <ChoiceField
                        label="Parameter"
                        value={String(at)}
                        options={trial.reads.map(({ label }, n) => [String(n), label])}
                        onPick={(picked) => setAt(Number(picked))}
                    />
                </Box>
            )}
            {trial.isJudged && read !== undefined && <Results read={read} />}
            {trial.left.length > 0 && (
                <chakra.p fontSize="sm" mb="2">
                    Not counted: {trial.left.join('; ')}.
                </chakra.p>
            )}
            <Curves trial={trial} read={at} />
            {trial.state === 'planned' && (
                <Box mt="3">
                    <chakra.h2 fontSize="lg">Places, by lot</chakra.h2>
                    <Labels trial={trial} />
                    {trial.setup.isBlind && (
                        <chakra.p fontSize="sm" color="quiet" mt="1" _print={{ display: 'none' }}>
                            Fill the units by this list. Printed labels carry the code alone. From the start the arms
                            are hidden until the verdict.
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
                </Box>
            )}
            {trial.state !== 'planned' && <WholeSheet trial={trial} read={at} />}
            {trial.state === 'ended' && trial.mayLog && (
                <chakra.details mt="3" _print={{ display: 'none' }}>
                    <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                        Correct a reading
                    </chakra.summary>
                    <Grid trial={trial} systemId={frame.id} />
                </chakra.details>
            )}
            {trial.state !== 'planned' && trial.mayLog && (
                <chakra.details mt="3" _print={{ display: 'none' }} open={trial.photos.list.length > 0}>
                    <chakra.summary cursor="pointer" minH={{ base: '44px', md: '28px' }}>
                        Photos of the sheet
                    </chakra.summary>
                    <Photos systemId={frame.id} shelf={trial.photos} trial={trial.id} />
                </chakra.details>
            )}
        </TrialPage>
    );
}

function Results({ read }: { read: TrialRead }) {
    return (
        <Box display="grid" gap="4" mb="3">
            <Pairs title="Level at the end" unit={read.unit} pairs={read.end} isVerdict />
            <Pairs title="Mean over time" unit={read.unit} pairs={read.mean} />
            <chakra.p fontSize="sm" color="quiet">
                {read.anova === null
                    ? 'Welch’s t test on the end gives the verdict; next to it the exact test by exchanging units.'
                    : `All arms together: p ${figure(read.anova, 3)} (analysis of variance). Pairs by Welch’s t test with Holm’s correction; those at the end give the verdict.`}
            </chakra.p>
        </Box>
    );
}

function Pairs({
    title,
    unit,
    pairs,
    isVerdict = false,
}: {
    title: string;
    unit: string;
    pairs: Pair[];
    isVerdict?: boolean;
}) {
    const cells = (one: Pair) => {
        const places = decimals(one);
        return [
            figure(one.difference, places),
            one.low === null || one.high === null ? '' : `${figure(one.low, places)} to ${figure(one.high, places)}`,
            figure(one.p, 3),
            one.exchange === null ? '' : figure(one.exchange, 3),
        ];
    };
    return (
        <Box overflowX="auto">
            <chakra.table fontSize="sm" maxWidth="40rem" width="100%">
                <chakra.caption captionSide="top" textAlign="left" fontWeight="700">
                    {`${title} (${unit})`}
                </chakra.caption>
                <ColumnHeads names={['Arms', 'Difference', '95 %', 'p', 'p, exchange']} />
                <tbody>
                    {pairs.map((one) => (
                        <chakra.tr key={`${one.arm} ${one.than}`} borderBottomWidth="1px">
                            <chakra.th
                                scope="row"
                                textAlign="left"
                                fontWeight={isVerdict && one.isClear ? '700' : '400'}
                                py="1"
                            >
                                {`${one.arm} minus ${one.than}`}
                            </chakra.th>
                            {cells(one).map((cell, n) => (
                                <chakra.td key={n} textAlign="right" fontFamily="figure" whiteSpace="nowrap" pl="3">
                                    {cell}
                                </chakra.td>
                            ))}
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
        </Box>
    );
}

/** As many decimals as the finest end of the interval has. */
function decimals({ low, high }: Pair): number {
    const ends = [low, high].filter((one): one is number => one !== null && one !== 0);
    return Math.max(0, ...ends.map((one) => 1 - Math.floor(Math.log10(Math.abs(one)))));
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
