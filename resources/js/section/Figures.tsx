import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { type Choices, type SectionView } from './types';

/** What the sump comes to, in figures: water, room, flow and how long a failure may last. */
export function Figures({ view, length }: { view: SectionView; length: Choices['length'] }) {
    const { show } = useUnits();
    const { water, flow, states } = view;
    const mm = (value: number) => `${figure(value / length.factor, length.factor === 1 ? 0 : 2)} ${length.unit}`;
    const given = (value: number | null, text: (value: number) => string) => (value === null ? null : text(value));
    const rows: [string, string | null][] = [
        ['running', show(states.running.litres, 'volume')],
        ['room left to the rim', show(water.roomLitres, 'volume')],
        ['comes down in a power cut', show(water.drainDownLitres, 'volume')],
        ['margin', `${show(water.marginLitres, 'volume')} · ${mm(water.marginMm)}`],
        ['the return can push up', show(water.givesUpLitres, 'volume')],
        [
            'return gulps air in',
            given(water.daysToGulp, (days) => `${figure(days, 1)} days`) ?? 'evaporation not given',
        ],
        ['reservoir lasts', given(water.reservoirDays, (days) => `${figure(days, 1)} days`)],
        [flow.isReckoned ? 'actual return flow' : 'flow, as described', show(flow.litresPerHour, 'flow')],
        ['head', given(flow.headMetres, (metres) => `${figure(metres, 2)} m`)],
        ['of it losses', given(flow.lossMetres, (metres) => `${figure(metres, 2)} m`)],
        ['speed in the pipe', given(flow.speed, (speed) => `${figure(speed, 2)} m/s`)],
        ['drain as a full siphon', given(flow.drainLitresPerHour, (value) => show(value, 'flow'))],
        ['pump, energy a year', given(flow.kilowattHoursAYear, (value) => `${figure(value, 0)} kWh`)],
    ];
    return (
        <chakra.dl fontSize="sm" mt="4" borderTopWidth="1px" pt="2" display="grid" rowGap="1">
            {rows
                .filter(([, value]) => value !== null)
                .map(([name, value]) => (
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
