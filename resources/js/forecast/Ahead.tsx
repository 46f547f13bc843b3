import { Box, useToken } from '@chakra-ui/react';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { area, line } from 'd3-shape';
import { useDates } from '../lib/dates';
import { type Parameter } from '../lib/page';
import { SvgText } from '../parts/SvgText';
import { shown, tone } from '../tide/parameters';
import { type TargetBand } from '../tide/types';
import { useWidth } from '../tide/useWidth';
import { type Kept, type Point } from './types';

const HEIGHT = 190;
const DAY = 86_400;
/** Days of the past in sight. */
const PAST = 42;

/** One parameter: what was read runs into what is foreseen, on the present course and on the other, each with its band. */
export function Ahead({
    parameter,
    now,
    label,
    past,
    present,
    other,
    target,
    plan,
}: {
    parameter: Parameter;
    now: number;
    /** What the moment is called. */
    label: string;
    past: [number, number][];
    present: Point[];
    /** Null where the levers stand as they are. */
    other: Point[] | null;
    target: TargetBand | undefined;
    /** The course that is the plan, as it was foreseen when it was made. */
    plan: Kept | undefined;
}) {
    const [box, width] = useWidth();
    const [colour, ink, quiet, hairline, paper] = useToken('colors', [
        tone(parameter),
        'ink',
        'quiet',
        'hairline',
        'paper',
    ]) as [string, string, string, string, string];
    const dates = useDates();
    const end = now + (present[present.length - 1]?.[0] ?? 84) * DAY;
    const left = 46;
    const right = Math.max(left + 1, width - 12);
    const x = scaleUtc()
        .domain([(now - PAST * DAY) * 1000, end * 1000])
        .range([left, right]);
    const seen = past.filter(([t]) => t > now - PAST * DAY && t < end);
    const most = Math.max(
        shown(parameter, parameter.axisTop),
        ...seen.map(([, value]) => shown(parameter, value)),
        ...[...present, ...(other ?? [])].map(([, level, , high]) => shown(parameter, Math.min(high, 2.2 * level))),
    );
    const y = scaleLinear()
        .domain([0, most * 1.05])
        .nice(4)
        .range([HEIGHT - 22, 22])
        .clamp(true);
    const at = ([days]: Point) => x((now + days * DAY) * 1000);
    const band = area<Point>()
        .x(at)
        .y0(([, , low]) => y(shown(parameter, low)))
        .y1(([, , , high]) => y(shown(parameter, high)));
    const planned = line<Point>(
        ([days]) => Math.max(left, x(((plan?.t ?? now) + days * DAY) * 1000)),
        ([, level]) => y(shown(parameter, level)),
    );
    const course = line<Point>(at, ([, level]) => y(shown(parameter, level)));
    return (
        <Box ref={box} minH={`${HEIGHT}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`${parameter.name} in the weeks ahead. The table below holds the same.`}
                    style={{ display: 'block' }}
                >
                    <SvgText x={0} y={13} colour={tone(parameter)} bold size={12.5}>
                        {`${parameter.name} ${parameter.unit}`}
                    </SvgText>
                    {y.ticks(4).map((tick) => (
                        <g key={tick}>
                            <path d={`M${left} ${y(tick)}H${right}`} stroke={hairline} />
                            <SvgText x={left - 8} y={y(tick) + 4} anchor="end" colour={tone(parameter)} figures>
                                {y.tickFormat(4)(tick)}
                            </SvgText>
                        </g>
                    ))}
                    {x.ticks(width < 500 ? 4 : 7).map((tick) => (
                        <SvgText key={tick.getTime()} x={x(tick)} y={HEIGHT - 5} anchor="middle" colour="quiet">
                            {dates.short(tick.getTime() / 1000)}
                        </SvgText>
                    ))}
                    {target !== undefined && (
                        <rect
                            x={left}
                            y={y(shown(parameter, target.high))}
                            width={right - left}
                            height={y(shown(parameter, target.low)) - y(shown(parameter, target.high))}
                            fill={colour}
                            fillOpacity={0.07}
                        >
                            <title>{`Target, our estimate: ${target.text}`}</title>
                        </rect>
                    )}
                    <path d={band(present) ?? ''} fill={quiet} fillOpacity={0.16} />
                    <path
                        d={course(present) ?? ''}
                        fill="none"
                        stroke={quiet}
                        strokeWidth="1.5"
                        strokeDasharray="5 4"
                    />
                    {plan !== undefined && (
                        <path
                            d={
                                planned(
                                    (plan.foreseen[parameter.key] ?? []).filter(([days]) => plan.t + days * DAY <= end),
                                ) ?? ''
                            }
                            fill="none"
                            stroke={ink}
                            strokeWidth="1"
                            strokeDasharray="1 3"
                        >
                            <title>{`The plan “${plan.name}”, as it was foreseen`}</title>
                        </path>
                    )}
                    {other !== null && (
                        <>
                            <path d={band(other) ?? ''} fill={colour} fillOpacity={0.2} />
                            <path d={course(other) ?? ''} fill="none" stroke={colour} strokeWidth="2.2" />
                        </>
                    )}
                    {seen.map(([t, value]) => (
                        <rect
                            key={t}
                            x={x(t * 1000) - 3}
                            y={y(shown(parameter, value)) - 3}
                            width={6}
                            height={6}
                            fill={paper}
                            stroke={colour}
                            strokeWidth="1.5"
                        />
                    ))}
                    <path d={`M${x(now * 1000)} 20V${HEIGHT - 22}`} stroke={ink} strokeWidth="1.3" />
                    <SvgText x={x(now * 1000) + 5} y={30} size={11.5} halo>
                        {label}
                    </SvgText>
                </svg>
            )}
        </Box>
    );
}
