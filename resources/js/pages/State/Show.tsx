import { Box, chakra } from '@chakra-ui/react';
import { type ReactNode } from 'react';
import { Frame } from '../../frame/Frame';
import { useDates } from '../../lib/dates';
import { type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { type Ranked } from '../../tide/ChangesTable';
import { useParameter } from '../../tide/parameters';

interface Props {
    frame: SystemFrame;
    state: {
        readings: { text: string; t: number; target: string }[];
        routines: { label: string; rate: string; known: string }[];
        charges: { text: string; t: number; condition: string }[];
        alerts: string[];
        changes: Ranked['changes'];
        forecast: { weeks: number; says: Record<string, string> | [] };
        questions: string[];
        /** Seconds since 1970; null where nothing is learned yet. */
        learned: number | null;
    };
}

/** The state of a tank: what its pages say today, on one to print or to send. */
export default function Show({ frame, state }: Props) {
    const dates = useDates();
    const named = useParameter();
    const forecast = Object.entries(state.forecast.says);
    return (
        <Frame title="State of the tank" area="Journal" frame={frame}>
            <Box display="flex" gap="4" alignItems="center" flexWrap="wrap" mb="3">
                <chakra.h1 fontSize="xl">State of {frame.name}</chakra.h1>
                <Button _print={{ display: 'none' }} onClick={() => window.print()}>
                    Print
                </Button>
            </Box>
            <Box display="grid" gap="4" maxWidth="50rem">
                {state.alerts.length > 0 && (
                    <Part title="Alerts">
                        <List items={state.alerts} />
                    </Part>
                )}
                {state.questions.length > 0 && (
                    <Part title="Open questions">
                        <List items={state.questions} />
                    </Part>
                )}
                <Part title="Water">
                    <Rows
                        head={['Read last', 'Day', 'Target']}
                        rows={state.readings.map((one) => [one.text, dates.day(one.t), one.target])}
                        none="Nothing was read in the last 120 days."
                    />
                </Part>
                {forecast.length > 0 && (
                    <Part title={`In ${state.forecast.weeks} weeks if nothing changes`}>
                        <List items={forecast.map(([key, says]) => `${named(key).name}: ${says}`)} />
                    </Part>
                )}
                <Part title="Water path">
                    <p>
                        {frame.path === null
                            ? 'No path is in force.'
                            : frame.path.stops
                                  .map(({ title, brief }) => (brief === '' ? title : `${title} (${brief})`))
                                  .join(' > ')}
                    </p>
                </Part>
                <Part title="Routines">
                    <Rows
                        head={['Routine', 'Now', 'Known by']}
                        rows={state.routines.map((one) => [one.label, one.rate, one.known])}
                        none="None is logged."
                    />
                </Part>
                <Part title="Media in place">
                    <Rows
                        head={['Charge', 'Since', 'State']}
                        rows={state.charges.map((one) => [one.text, dates.day(one.t), one.condition])}
                        none="None."
                    />
                </Part>
                <Part title="Last changes">
                    <Rows
                        head={['Change', 'Day', 'What it did']}
                        rows={state.changes.map((one) => [
                            one.text,
                            dates.day(one.t),
                            one.answers
                                .map(
                                    ({ parameter, verdict, figure }) =>
                                        `${named(parameter).name} ${verdict}${figure === '' ? '' : ` (${figure})`}`,
                                )
                                .join('; '),
                        ])}
                        none="None in the last year."
                    />
                </Part>
                <chakra.p fontSize="sm" color="quiet">
                    {state.learned === null
                        ? 'Ithys has not learned from these readings yet.'
                        : `Learned from the readings on ${dates.day(state.learned)}.`}
                </chakra.p>
            </Box>
        </Frame>
    );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <chakra.section breakInside="avoid">
            <chakra.h2 fontSize="md" mb="1">
                {title}
            </chakra.h2>
            {children}
        </chakra.section>
    );
}

function List({ items }: { items: string[] }) {
    return (
        <chakra.ul pl="5">
            {items.map((item) => (
                <li key={item}>{item}</li>
            ))}
        </chakra.ul>
    );
}

function Rows({ head, rows, none }: { head: string[]; rows: string[][]; none: string }) {
    if (rows.length === 0) {
        return <p>{none}</p>;
    }
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label={head[0]}>
            <chakra.table width="100%" fontSize="sm">
                <thead>
                    <chakra.tr borderBottomWidth="1.5px" textAlign="left" color="quiet">
                        {head.map((one) => (
                            <chakra.th key={one} scope="col" fontWeight="400" pr="4">
                                {one}
                            </chakra.th>
                        ))}
                    </chakra.tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <chakra.tr key={row.join(' ')} borderBottomWidth="1px" verticalAlign="top">
                            {row.map((cell, i) => (
                                <chakra.td key={`${head[i]}`} py="1" pr="4">
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
