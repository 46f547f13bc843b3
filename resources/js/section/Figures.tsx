import { Box, chakra } from '@chakra-ui/react';
import { figure, useUnits } from '../lib/figures';
import { shopLength } from '../lib/shopLength';
import { useMoney } from '../lib/money';
import { type Choices, type SectionView } from './types';
import { type GroupName } from './workbench/rows';

/** What the sump comes to, in figures: water, room, flow and how long a failure may last. */
export function Figures({
    view,
    length,
    of,
}: {
    view: SectionView;
    length: Choices['length'];
    /** Those alone that a group decides; all of them without it. */
    of?: GroupName;
}) {
    const { show } = useUnits();
    const money = useMoney();
    const { water, flow, states } = view;
    const mm = (value: number) => `${shopLength(value, length.unit)} ${length.unit}`;
    const given = (value: number | null, text: (value: number) => string) => (value === null ? null : text(value));
    const ofWater: [string, string | null][] = [
        ['running', show(states.running.litres, 'volume')],
        ['room left to the rim', `${show(water.roomLitres, 'volume')} · ${mm(water.freeboardMm)}`],
        ['comes down in a power cut', `${water.isReckoned ? '' : 'at least '}${show(water.drainDownLitres, 'volume')}`],
        [
            'margin after that',
            water.marginLitres === null || water.marginMm === null
                ? 'not reckoned yet'
                : `${show(water.marginLitres, 'volume')} · ${mm(water.marginMm)}`,
        ],
        [
            'the return can push up',
            given(water.givesUpLitres, (litres) => show(litres, 'volume')) ?? 'not reckoned yet',
        ],
        [
            'return gulps air in',
            given(water.daysToGulp, (days) => `${figure(days, 1)} days`) ?? 'evaporation not given',
        ],
        ['reservoir lasts', given(water.reservoirDays, (days) => `${figure(days, 1)} days`)],
    ];
    const ofFlow: [string, string | null][] = [
        [
            flow.isReckoned ? 'actual return flow' : 'flow, as described',
            given(flow.litresPerHour, (value) => show(value, 'flow')) ?? 'not known',
        ],
        ['head', given(flow.headMetres, (metres) => show(1000 * metres, 'head'))],
        ['of it losses', given(flow.lossMetres, (metres) => show(1000 * metres, 'head'))],
        ['speed in the pipe', given(flow.speed, (speed) => show(speed, 'speed'))],
        ['over the edge of the overflow', given(flow.overflowHeadMm, mm)],
        ['drain as a full siphon', given(flow.drainLitresPerHour, (value) => show(value, 'flow'))],
        ['its gate valve just matches at', given(flow.drainTunedOpen, (open) => `${figure(100 * open, 0)} % open`)],
        ['emergency pipe, alone', given(flow.emergencyLitresPerHour, (value) => show(value, 'flow'))],
        ['pump, energy a year', given(flow.kilowattHoursAYear, (value) => `${figure(value, 0)} kWh`)],
        ['pump, cost a year', given(flow.costAYear, (value) => money(value, 2))],
    ];
    const rows =
        of === undefined ? [...ofWater, ...ofFlow] : of === 'pipes' ? ofFlow : of === 'equipment' ? [] : ofWater;
    return (
        <>
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
            {of === undefined && flow.turnover !== null && (
                <Box fontSize="sm" mt="2">
                    <b>{flow.turnover.title}.</b> {flow.turnover.sentence}
                </Box>
            )}
        </>
    );
}
