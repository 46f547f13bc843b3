import { Box, useToken } from '@chakra-ui/react';
import { bisector, max } from 'd3-array';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { type PointerEvent, useMemo, useState } from 'react';
import { useDates } from '../lib/dates';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { Curve, FittedLine } from './Curves';
import { LANE_HEIGHT, LaneMarks, lanesOf } from './Lanes';
import { PARAMETERS, type ReadingMark, type Sheet, type Verdict } from './types';
import { useWidth } from './useWidth';

const TOP = 30;
const byTime = bisector<ReadingMark, number>((reading) => reading.t);

interface Props {
    sheet: Sheet;
    verdict: Verdict | null;
    onPick: (id: number) => void;
}

/** Nitrate and phosphate over lanes of what was done, all on one time axis. */
export function TideSheet({ sheet, verdict, onPick }: Props) {
    const [box, width] = useWidth();
    const narrow = width < 620;
    const left = narrow ? 34 : 112;
    const right = narrow ? 40 : 48;
    const curves = narrow ? 190 : 178;
    const laneStep = LANE_HEIGHT + (narrow ? 18 : 0);
    const lanes = useMemo(() => lanesOf(sheet), [sheet]);
    const laneTop = TOP + curves + (narrow ? 16 : 10);
    const height = laneTop + lanes.length * laneStep + 24;
    const [ink, quiet, hairline] = useToken('colors', ['ink', 'quiet', 'hairline']) as [string, string, string];
    const dates = useDates();
    const byParameter = useMemo(
        () => ({
            no3: sheet.readings.filter((reading) => reading.parameter === 'no3'),
            po4: sheet.readings.filter((reading) => reading.parameter === 'po4'),
        }),
        [sheet.readings],
    );
    const x = useMemo(
        () =>
            scaleUtc()
                .domain([sheet.from * 1000, sheet.to * 1000])
                .range([left, Math.max(left + 1, width - right)]),
        [sheet.from, sheet.to, left, right, width],
    );
    const scales = useMemo(() => {
        const scale = (readings: ReadingMark[], least: number) =>
            scaleLinear()
                .domain([0, Math.max(least, 1.12 * (max(readings, (reading) => reading.ppm) ?? 0))])
                .nice(4)
                .range([TOP + curves, TOP]);
        return { no3: scale(byParameter.no3, 2), po4: scale(byParameter.po4, 0.04) };
    }, [byParameter, curves]);
    const [hover, setHover] = useState<number | null>(null);

    function look(event: PointerEvent<SVGSVGElement>) {
        const at = x.invert(event.clientX - event.currentTarget.getBoundingClientRect().left).getTime() / 1000;
        const reading = sheet.readings[byTime.center(sheet.readings, at)];
        setHover(reading?.t ?? null);
    }

    const seen = hover === null ? [] : sheet.readings.filter((reading) => reading.t === hover);
    const ticks = x.ticks(narrow ? 4 : 7);
    const yearly = ticks.length > 1 && (ticks[1]?.getTime() ?? 0) - (ticks[0]?.getTime() ?? 0) > 200 * 86_400_000;
    const flagAt = verdict === null ? null : x(verdict.t * 1000);
    // About 7 px a letter: the flag's words go to whichever side has room.
    const flagLeft = flagAt !== null && flagAt + 21 + 7 * (verdict?.text.length ?? 0) > width - right;
    const flagVisible = flagAt !== null && flagAt >= left && flagAt <= width - right;

    return (
        <Box ref={box} position="relative" minH={`${height}px`}>
            <Box
                position="absolute"
                top="0"
                left={`${left}px`}
                right={`${right}px`}
                textAlign="center"
                fontSize="sm"
                color="quiet"
                pointerEvents="none"
                bg={seen.length > 0 ? 'paper' : undefined}
                minH="20px"
                zIndex="1"
            >
                {seen.length > 0 &&
                    `${dates.moment(seen[0]?.t ?? 0)} · ${seen
                        .map(
                            (reading) =>
                                `${PARAMETERS[reading.parameter].name} ${reading.below ? 'below ' : ''}${figure(reading.ppm)} ppm${reading.cloudy ? ', cloudy' : ''}`,
                        )
                        .join(' · ')}`}
            </Box>
            {width > 0 && (
                <svg
                    width={width}
                    height={height}
                    role="img"
                    aria-label={`Tide sheet: ${sheet.readings.length} readings and ${sheet.changes.length} changes from ${dates.day(sheet.from)} to ${dates.day(sheet.to)}. The table view holds the same.`}
                    onPointerMove={look}
                    onPointerLeave={() => setHover(null)}
                    style={{ display: 'block', touchAction: 'pan-y' }}
                >
                    <SvgText x={0} y={14} colour="nitrate" size={12.5} bold>
                        nitrate ppm
                    </SvgText>
                    <SvgText x={width} y={14} colour="phosphate" size={12.5} bold anchor="end">
                        phosphate ppm
                    </SvgText>
                    {ticks.map((tick) => (
                        <g key={tick.getTime()}>
                            <path d={`M${x(tick)} ${TOP}V${height - 20}`} stroke={hairline} strokeDasharray="2 4" />
                            <SvgText x={x(tick)} y={height - 6} colour="quiet" anchor="middle">
                                {yearly ? dates.year(tick.getTime() / 1000) : dates.short(tick.getTime() / 1000)}
                            </SvgText>
                        </g>
                    ))}
                    {scales.no3.ticks(4).map((tick) => (
                        <g key={tick}>
                            <path d={`M${left} ${scales.no3(tick)}H${width - right}`} stroke={hairline} />
                            <SvgText x={left - 8} y={scales.no3(tick) + 4} colour="nitrate" anchor="end" figures>
                                {tick}
                            </SvgText>
                        </g>
                    ))}
                    {scales.po4.ticks(4).map((tick) => (
                        <SvgText key={tick} x={width - right + 8} y={scales.po4(tick) + 4} colour="phosphate" figures>
                            {tick.toFixed(2)}
                        </SvgText>
                    ))}
                    {lanes.map((lane, i) => (
                        <g key={lane.key} transform={`translate(0 ${laneTop + i * laneStep + (narrow ? 16 : 0)})`}>
                            <SvgText x={0} y={narrow ? 2 : LANE_HEIGHT / 2 + (lane.unit === '' ? 4 : -1)} size={13}>
                                {lane.name}
                                {narrow && lane.unit !== '' && `, ${lane.unit}`}
                            </SvgText>
                            {!narrow && lane.unit !== '' && (
                                <SvgText x={0} y={LANE_HEIGHT / 2 + 11} colour="quiet" size={11}>
                                    {lane.unit}
                                </SvgText>
                            )}
                            <path d={`M${narrow ? 0 : left} ${LANE_HEIGHT - 0.5}H${width - right}`} stroke={hairline} />
                            <LaneMarks
                                lane={lane}
                                x={x}
                                end={sheet.to - 86_400}
                                picked={verdict?.id ?? null}
                                onPick={onPick}
                            />
                        </g>
                    ))}
                    {hover !== null && (
                        <path d={`M${x(hover * 1000)} ${TOP}V${TOP + curves}`} stroke={quiet} strokeDasharray="1 3" />
                    )}
                    <Curve readings={byParameter.no3} parameter="no3" x={x} y={scales.no3} />
                    <Curve readings={byParameter.po4} parameter="po4" x={x} y={scales.po4} />
                    {verdict !== null &&
                        verdict.judgements
                            .slice(0, 1)
                            .map((judgement) => (
                                <FittedLine
                                    key={judgement.parameter}
                                    verdict={verdict}
                                    parameter={judgement.parameter}
                                    x={x}
                                    y={scales[judgement.parameter]}
                                />
                            ))}
                    {flagVisible && (
                        <g>
                            <path d={`M${flagAt} ${TOP - 6}V${height - 20}`} stroke={ink} strokeWidth="1.4" />
                            <path d={`M${flagAt} ${TOP - 6}h16l-4 5 4 5h-16z`} fill={ink} />
                            <SvgText
                                x={flagLeft ? flagAt - 6 : flagAt + 21}
                                y={TOP + 3}
                                anchor={flagLeft ? 'end' : 'start'}
                                size={12.5}
                                bold
                                halo
                            >
                                {verdict?.text}
                            </SvgText>
                        </g>
                    )}
                </svg>
            )}
        </Box>
    );
}
