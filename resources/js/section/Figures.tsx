import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { type Choices, type SectionView } from './types';

/** What the sump comes to, in figures: water, room, flow and how long a failure may last. */
export function Figures({ view, length }: { view: SectionView; length: Choices['length'] }) {
    const { show } = useUnits();
    const { water, flow, states } = view;
    const mm = (value: number) => `${figure(value / length.factor, length.factor === 1 ? 0 : 2)} ${length.unit}`;
    const rows: [string, string][] = [
        ['running', show(states.running.litres, 'volume')],
        ['room left to the rim', show(water.rimLitres - states.running.litres, 'volume')],
        ['comes down in a power cut', show(water.drainDownLitres, 'volume')],
        ['margin', `${show(water.marginLitres, 'volume')} · ${mm(water.marginMm)}`],
        ['the return can push up', show(water.givesUpLitres, 'volume')],
        [
            'return gulps air in',
            water.daysToGulp === null ? 'evaporation not given' : `${figure(water.daysToGulp, 1)} days`,
        ],
        ...(water.reservoirDays === null
            ? []
            : [['reservoir lasts', `${figure(water.reservoirDays, 1)} days`] as [string, string]]),
        [flow.isReckoned ? 'actual return flow' : 'flow, as described', show(flow.litresPerHour, 'flow')],
        ...(flow.headMetres === null
            ? []
            : [
                  ['head, of it losses', `${figure(flow.headMetres, 2)} m · ${figure(flow.lossMetres ?? 0, 2)} m`] as [
                      string,
                      string,
                  ],
              ]),
        ...(flow.speed === null ? [] : [['speed in the pipe', `${figure(flow.speed, 2)} m/s`] as [string, string]]),
        ...(flow.drainLitresPerHour === null
            ? []
            : [['drain as a full siphon', show(flow.drainLitresPerHour, 'flow')] as [string, string]]),
        ...(flow.kilowattHoursAYear === null
            ? []
            : [['pump, energy a year', `${figure(flow.kilowattHoursAYear, 0)} kWh`] as [string, string]]),
    ];
    return (
        <chakra.dl fontSize="sm" mt="4" borderTopWidth="1px" pt="2" display="grid" rowGap="1">
            {rows.map(([name, value]) => (
                <Box key={name} display="flex" justifyContent="space-between" gap="3">
                    <chakra.dt color="quiet">{name}</chakra.dt>
                    <chakra.dd fontFamily="figure" textAlign="right">
                        {value}
                    </chakra.dd>
                </Box>
            ))}
        </chakra.dl>
    );
}
