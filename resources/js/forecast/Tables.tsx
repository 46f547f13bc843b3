import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { figure, useUnits } from '../lib/figures';
import { useMoney } from '../lib/money';
import { shown, useParameter } from '../tide/parameters';
import { type Foreseen, type Workload } from './types';

/** What a course asks of the keeper, beside the present one. */
export function Work({
    foreseen,
    changed,
    hasRoller,
    systemId,
}: {
    foreseen: Foreseen;
    changed: boolean;
    hasRoller: boolean;
    systemId: number;
}) {
    const { show } = useUnits();
    const money = useMoney();
    const rows: [string, (work: Workload) => string][] = [
        ['Sock changes a year', (work) => figure(work.socks, 0)],
        ['Water changes a year', (work) => figure(work.waterChanges, 0)],
        ['New salt water a year', (work) => show(work.waterLitres, 'volume')],
        ['Organic carbon a year', (work) => `${figure(work.doseMillilitres, 0)} mL`],
        ['Fleece a year', (work) => (work.fleeceMetres === null ? 'not known' : `${figure(work.fleeceMetres, 0)} m`)],
        ['Hours of socks and water a year', (work) => figure(work.hours, 0)],
        ['Cost of what is used up, a year', (work) => money(work.cost)],
    ];
    const shownRows = rows.filter(
        ([label, write]) =>
            (label !== 'Fleece a year' || hasRoller) &&
            (label !== 'Organic carbon a year' ||
                write(foreseen.workload.present) !== '0 mL' ||
                write(foreseen.workload.other) !== '0 mL'),
    );
    return (
        <Box mb="3" maxWidth="32rem">
            <chakra.table fontSize="sm" width="100%">
                <thead>
                    <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                        <th scope="col">Work</th>
                        <chakra.th scope="col" textAlign="right">
                            as now
                        </chakra.th>
                        {changed && (
                            <chakra.th scope="col" textAlign="right">
                                with your levers
                            </chakra.th>
                        )}
                    </chakra.tr>
                </thead>
                <tbody>
                    {shownRows.map(([label, write]) => (
                        <chakra.tr key={label} borderBottomWidth="1px">
                            <td>{label}</td>
                            <chakra.td textAlign="right" fontFamily="figure">
                                {write(foreseen.workload.present)}
                            </chakra.td>
                            {changed && (
                                <chakra.td textAlign="right" fontFamily="figure">
                                    {write(foreseen.workload.other)}
                                </chakra.td>
                            )}
                        </chakra.tr>
                    ))}
                </tbody>
            </chakra.table>
            <chakra.p fontSize="sm" color="quiet">
                Minutes and prices are <Link href={`/systems/${systemId}/assumptions`}>our estimates</Link>; set them to
                yours. Media put in now count once.
            </chakra.p>
        </Box>
    );
}

/** A course week by week, beside the present one. */
export function Weekly({ foreseen }: { foreseen: Foreseen }) {
    const named = useParameter();
    const keys = Object.keys(foreseen.present);
    const weekly = (foreseen.present[keys[0] ?? ''] ?? []).flatMap(([days], i) => (days % 7 === 0 ? [i] : []));
    return (
        <chakra.table fontSize="sm" maxWidth="46rem" width="100%">
            <thead>
                <chakra.tr textAlign="left" borderBottomWidth="1.5px">
                    <th scope="col">Week</th>
                    {keys.flatMap((key) => [
                        <th scope="col" key={`${key} now`}>
                            {named(key).name}, as now
                        </th>,
                        <th scope="col" key={`${key} other`}>
                            with your levers
                        </th>,
                    ])}
                </chakra.tr>
            </thead>
            <tbody>
                {weekly.map((i) => (
                    <chakra.tr key={i} borderBottomWidth="1px" fontFamily="figure">
                        <td>{(foreseen.present[keys[0] ?? '']?.[i]?.[0] ?? 0) / 7}</td>
                        {keys.flatMap((key) =>
                            [foreseen.present, foreseen.other].map((series, n) => {
                                const [, level = 0, low = 0, high = 0] = series[key]?.[i] ?? [];
                                const parameter = named(key);
                                return (
                                    <td key={`${key} ${n}`}>
                                        {figure(shown(parameter, level))} ({figure(shown(parameter, low))} to{' '}
                                        {figure(shown(parameter, high))})
                                    </td>
                                );
                            }),
                        )}
                    </chakra.tr>
                ))}
            </tbody>
        </chakra.table>
    );
}
