import { Box, chakra, useToken } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { bisector, extent, quantile } from 'd3-array';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { type PointerEvent, useId, useMemo, useRef, useState } from 'react';
import { useDates } from '../lib/dates';
import { type Parameter, useShared } from '../lib/page';
import { ChoiceField } from '../parts/ChoiceField';
import { SvgText } from '../parts/SvgText';
import { Curve, FittedLine } from './Curves';
import { LANE_HEIGHT, LaneMarks, lanesOf } from './Lanes';
import { NET_HEIGHT, NetInput } from './NetInput';
import { shown, tone, useParameter, written } from './parameters';
import { ROW_HEIGHT, SmallRow } from './SmallRow';
import { Target } from './Target';
import { type Courses, type ReadingMark, type Sheet, type TargetChoice, type Verdict } from './types';
import { download, svgFile } from './saveSvg';
import { TwoTimesLine, useTwoTimes } from './TwoTimes';
import { useWidth } from './useWidth';
import { useZoom } from './useZoom';
import { Button } from '../parts/Button';

const TOP = 30;
/** The figures an axis spans. A slip far above the rest does not flatten what is below: its mark stands at the top. */
function span(parameter: Parameter, readings: ReadingMark[]): [number, number] {
    const values = readings.map((reading) => shown(parameter, reading.value));
    const [least = 0, most = 0] = extent(values);
    if (parameter.side === 'row' && least < most) {
        const room = 0.1 * (most - least);
        return [least - room, most + room];
    }
    const high = quantile(values, 0.9) ?? most;
    return [0, Math.max(shown(parameter, parameter.axisTop), 1.12 * (most > 3 * high ? 1.4 * high : most))];
}

const byTime = bisector<ReadingMark, number>((reading) => reading.t);

interface Props {
    systemId: number;
    sheet: Sheet;
    courses: Courses;
    verdict: Verdict | null;
    target: TargetChoice;
    onPick: (id: number) => void;
    onTarget: (school: string) => void;
}

/** Readings over lanes of what was done, all on one time axis. */
export function TideSheet({ systemId, sheet, courses, verdict, target, onPick, onTarget }: Props) {
    const [box, width] = useWidth();
    const narrow = width < 620;
    const left = narrow ? 34 : 112;
    const right = narrow ? 40 : 48;
    const curves = narrow ? 190 : 156;
    const laneStep = LANE_HEIGHT + (narrow ? 18 : 0);
    const lanes = useMemo(() => lanesOf(sheet), [sheet]);
    const { parameters } = useShared();
    const [axes, setAxes] = useState<[string, string]>(() => {
        const at = (side: string) => parameters.find((parameter) => parameter.side === side)?.key ?? '';
        return [at('left'), at('right')];
    });
    const read = useMemo(() => new Set(sheet.readings.map((reading) => reading.parameter)), [sheet.readings]);
    const rows = useMemo(
        () =>
            parameters
                .filter(({ key }) => read.has(key) && !axes.includes(key))
                .map((parameter) => ({
                    parameter,
                    readings: sheet.readings.filter((reading) => reading.parameter === parameter.key),
                })),
        [parameters, sheet.readings, read, axes],
    );
    const rowTop = TOP + curves + (narrow ? 16 : 10);
    const rowStep = ROW_HEIGHT + (narrow ? 18 : 0);
    const netTop = rowTop + rows.length * rowStep;
    const netStep = NET_HEIGHT + (narrow ? 18 : 0);
    const laneTop = netTop + sheet.net.length * netStep;
    const height = laneTop + lanes.length * laneStep + 24;
    const [ink, quiet, hairline] = useToken('colors', ['ink', 'quiet', 'hairline']) as [string, string, string];
    const dates = useDates();
    const named = useParameter();
    const times = useTwoTimes(systemId, axes);
    const zoom = useZoom([sheet.from, sheet.to], [left, width - right], times.onPart);
    const [start, end] = zoom.part ?? [sheet.from, sheet.to];
    const x = useMemo(
        () =>
            scaleUtc()
                .domain([start * 1000, end * 1000])
                .range([left, Math.max(left + 1, width - right)]),
        [start, end, left, right, width],
    );
    const clip = useId();
    const drawing = useRef<SVGSVGElement>(null);
    const curvesOf = useMemo(
        () =>
            axes.flatMap((key, side) => {
                const parameter = parameters.find((one) => one.key === key);
                if (parameter === undefined) {
                    return [];
                }
                const readings = sheet.readings.filter((reading) => reading.parameter === key);
                const y = scaleLinear()
                    .domain(span(parameter, readings))
                    .nice(4)
                    .range([TOP + curves, TOP])
                    .clamp(true);
                return [{ parameter, readings, y, isLeft: side === 0 }];
            }),
        [parameters, axes, sheet.readings, curves],
    );
    const [hover, setHover] = useState<number | null>(null);

    function look(event: PointerEvent<SVGSVGElement>) {
        const at = zoom.timeAt(event);
        const reading = sheet.readings[byTime.center(sheet.readings, at)];
        setHover(reading?.t ?? null);
        zoom.moveBrush(at);
    }

    const seen = hover === null ? [] : sheet.readings.filter((reading) => reading.t === hover);
    const ticks = x.ticks(narrow ? 4 : 7);
    const yearly = ticks.length > 1 && (ticks[1]?.getTime() ?? 0) - (ticks[0]?.getTime() ?? 0) > 200 * 86_400_000;
    const flagAt = verdict === null ? null : x(verdict.t * 1000);
    // About 7 px a letter: the flag's words go to whichever side has room.
    const flagLeft = flagAt !== null && flagAt + 21 + 7 * (verdict?.text.length ?? 0) > width - right;
    const flagVisible = flagAt !== null && flagAt >= left && flagAt <= width - right;

    const save = () => {
        if (drawing.current !== null) {
            const paper = getComputedStyle(document.body).backgroundColor;
            download('tide-sheet.svg', 'image/svg+xml', svgFile(drawing.current, paper));
        }
    };
    const choices = parameters
        .filter(({ key }) => read.has(key) || axes.includes(key))
        .map(({ key, name }) => [key, name] as const);
    const axis = (side: 0 | 1, key: string) => {
        const other = axes[1 - side] ?? '';
        // The one that stood there changes places with what is on the other side.
        const here = axes[side];
        setAxes(side === 0 ? [key, other === key ? here : other] : [other === key ? here : other, key]);
    };

    return (
        <>
            <Box display="flex" flexWrap="wrap" gap="4" mb="2" alignItems="flex-end" _print={{ display: 'none' }}>
                {choices.length > 2 && (
                    <>
                        <ChoiceField
                            label="Left axis"
                            value={axes[0]}
                            options={choices}
                            onPick={(key) => axis(0, key)}
                        />
                        <ChoiceField
                            label="Right axis"
                            value={axes[1]}
                            options={choices}
                            onPick={(key) => axis(1, key)}
                        />
                    </>
                )}
                <ChoiceField label="Target" value={target.school} options={target.choices} onPick={onTarget} />
                <Box display="flex" gap="1" role="group" aria-label="Time shown">
                    <Tool label="Closer" sign="+" onClick={zoom.closer} />
                    <Tool label="Further" sign="−" onClick={zoom.further} disabled={zoom.part === null} />
                    <Tool label="Earlier" sign="←" onClick={zoom.earlier} disabled={zoom.part === null} />
                    <Tool label="Later" sign="→" onClick={zoom.later} disabled={zoom.part === null} />
                    <Tool label="All of the time" sign="all" onClick={zoom.whole} disabled={zoom.part === null} />
                    <Tool label="Save the drawing as SVG" sign="SVG" onClick={save} />
                    <Tool
                        label="Compare two times"
                        sign="Compare"
                        pressed={times.onPart !== null}
                        onClick={times.turn}
                    />
                </Box>
                {target.bands.length > 0 && (
                    <chakra.p fontSize="sm" color="quiet" flex="1 1 16rem">
                        Target, our estimate: {target.bands.map(({ text }) => text).join(', ')}.{' '}
                        <Link href={`/systems/${systemId}/assumptions#${target.key}`}>Set your own</Link>
                    </chakra.p>
                )}
            </Box>
            <TwoTimesLine systemId={systemId} times={times} />
            <Box ref={box} position="relative" minH={`${height}px`}>
                <Box
                    position="absolute"
                    top="0"
                    // The names of the axes stand beside it; a narrow drawing has room for one of the two.
                    left={narrow ? 0 : `${left}px`}
                    right={narrow ? 0 : '7rem'}
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
                                    `${named(reading.parameter).name} ${reading.below ? 'below ' : ''}${written(named(reading.parameter), reading.value)}${reading.cloudy ? ', cloudy' : ''}`,
                            )
                            .join(' · ')}`}
                </Box>
                {width > 0 && (
                    <svg
                        ref={drawing}
                        tabIndex={0}
                        width={width}
                        height={height}
                        role="img"
                        aria-label={`Tide sheet: ${sheet.readingCount} readings and ${sheet.changes.length} changes from ${dates.day(sheet.from)} to ${dates.day(sheet.to)}. The table view holds the same. Plus and minus zoom, arrows move, nought shows all.`}
                        {...zoom.handlers}
                        onPointerMove={look}
                        onPointerLeave={() => {
                            setHover(null);
                            zoom.handlers.onPointerUp();
                        }}
                        style={{ display: 'block', touchAction: 'pan-y' }}
                    >
                        <clipPath id={clip}>
                            <rect x={left} y={0} width={Math.max(0, width - left - right)} height={height} />
                        </clipPath>
                        {curvesOf.map(({ parameter, isLeft }) => (
                            <SvgText
                                key={parameter.key}
                                x={isLeft ? 0 : width}
                                y={14}
                                colour={tone(parameter)}
                                size={12.5}
                                bold
                                anchor={isLeft ? 'start' : 'end'}
                            >
                                {`${parameter.name} ${parameter.unit}`}
                            </SvgText>
                        ))}
                        {ticks.map((tick) => (
                            <g key={tick.getTime()}>
                                <path d={`M${x(tick)} ${TOP}V${height - 20}`} stroke={hairline} strokeDasharray="2 4" />
                                <SvgText x={x(tick)} y={height - 6} colour="quiet" anchor="middle">
                                    {yearly ? dates.year(tick.getTime() / 1000) : dates.short(tick.getTime() / 1000)}
                                </SvgText>
                            </g>
                        ))}
                        {curvesOf.flatMap(({ parameter, y, isLeft }) =>
                            y.ticks(4).map((tick) => (
                                <g key={`${parameter.key} ${tick}`}>
                                    {isLeft && <path d={`M${left} ${y(tick)}H${width - right}`} stroke={hairline} />}
                                    <SvgText
                                        x={isLeft ? left - 8 : width - right + 8}
                                        y={y(tick) + 4}
                                        colour={tone(parameter)}
                                        anchor={isLeft ? 'end' : 'start'}
                                        figures
                                    >
                                        {y.tickFormat(4)(tick)}
                                    </SvgText>
                                </g>
                            )),
                        )}
                        {curvesOf.map(({ parameter, isLeft, y }) =>
                            target.bands
                                .filter((band) => band.parameter === parameter.key)
                                .map((band) => (
                                    <Target
                                        key={band.parameter}
                                        {...{ band, parameter, isLeft, y, left }}
                                        right={width - right}
                                    />
                                )),
                        )}
                        {rows.map((row, i) => (
                            <g
                                key={row.parameter.key}
                                transform={`translate(0 ${rowTop + i * rowStep + (narrow ? 16 : 0)})`}
                            >
                                <SmallRow
                                    {...row}
                                    x={x}
                                    left={left}
                                    right={width - right}
                                    narrow={narrow}
                                    clip={clip}
                                />
                            </g>
                        ))}
                        {sheet.net.map((net, i) => {
                            const parameter = parameters.find(({ key }) => key === net.parameter);
                            return (
                                parameter !== undefined && (
                                    <g
                                        key={net.parameter}
                                        transform={`translate(0 ${netTop + i * netStep + (narrow ? 16 : 0)})`}
                                    >
                                        <NetInput
                                            net={net}
                                            parameter={parameter}
                                            x={x}
                                            left={left}
                                            right={width - right}
                                            narrow={narrow}
                                            clip={clip}
                                        />
                                    </g>
                                )
                            );
                        })}
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
                                <path
                                    d={`M${narrow ? 0 : left} ${LANE_HEIGHT - 0.5}H${width - right}`}
                                    stroke={hairline}
                                />
                                <g clipPath={`url(#${clip})`}>
                                    <LaneMarks
                                        lane={lane}
                                        x={x}
                                        end={sheet.to - 86_400}
                                        picked={verdict?.id ?? null}
                                        onPick={onPick}
                                        courses={courses}
                                    />
                                </g>
                            </g>
                        ))}
                        {hover !== null && (
                            <path
                                d={`M${x(hover * 1000)} ${TOP}V${height - 20}`}
                                stroke={quiet}
                                strokeDasharray="1 3"
                            />
                        )}
                        <g clipPath={`url(#${clip})`}>
                            {curvesOf.map((curve) => (
                                <Curve key={curve.parameter.key} {...curve} x={x} />
                            ))}
                            {curvesOf
                                .filter(({ parameter }) => parameter.key === verdict?.judgements[0]?.parameter)
                                .map(
                                    ({ parameter, y }) =>
                                        verdict && (
                                            <FittedLine
                                                key={parameter.key}
                                                verdict={verdict}
                                                parameter={parameter}
                                                x={x}
                                                y={y}
                                            />
                                        ),
                                )}
                        </g>
                        {[times.first, zoom.brush].map(
                            (part, i) =>
                                part !== null && (
                                    <rect
                                        key={i}
                                        x={Math.min(x(part[0] * 1000), x(part[1] * 1000))}
                                        y={TOP}
                                        width={Math.abs(x(part[1] * 1000) - x(part[0] * 1000))}
                                        height={height - TOP - 20}
                                        fill={quiet}
                                        fillOpacity={0.18}
                                    />
                                ),
                        )}
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
        </>
    );
}

function Tool({
    label,
    sign,
    disabled = false,
    pressed,
    onClick,
}: {
    label: string;
    sign: string;
    disabled?: boolean;
    pressed?: boolean;
    onClick: () => void;
}) {
    return (
        <Button
            aria-label={label}
            title={label}
            aria-pressed={pressed}
            look={pressed ? 'solid' : 'line'}
            disabled={disabled}
            px="2"
            minH={{ base: '44px', md: '28px' }}
            onClick={onClick}
        >
            {sign}
        </Button>
    );
}
