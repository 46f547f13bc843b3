import { Box, useToken } from '@chakra-ui/react';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { area } from 'd3-shape';
import { useDates } from '../lib/dates';
import { SvgText } from '../parts/SvgText';
import { useWidth } from '../tide/useWidth';
import { type Charge } from './types';

const HEIGHT = 64;
const DAY = 86_400;

/** What a charge removed of what a fresh one would, up to now, then the range in which it is exhausted. */
export function LifeBar({ charge, now }: { charge: Charge; now: number }) {
    const [box, width] = useWidth();
    const [ink, colour, quiet, hairline] = useToken('colors', ['ink', 'deep', 'quiet', 'hairline']) as [
        string,
        string,
        string,
        string,
    ];
    const dates = useDates();
    const { life } = charge;
    if (life === null) {
        return null;
    }
    const ends = [life.spent?.latest, life.spent?.likely, charge.calendar?.due].filter(
        (end): end is number => typeof end === 'number',
    );
    const end = Math.max(now + 14 * DAY, ...ends.map((one) => one + 5 * DAY), charge.to ?? 0);
    const [left, right] = [2, Math.max(3, width - 2)];
    const x = scaleUtc()
        .domain([charge.from * 1000, end * 1000])
        .range([left, right]);
    const y = scaleLinear()
        .domain([0, 1])
        .range([HEIGHT - 20, 6]);
    const drained = area()
        .x(([t]) => x(t * 1000))
        .y0(y(0))
        .y1(([, share]) => y(share));
    const { likely, soonest, latest } = life.spent ?? { likely: null, soonest: null, latest: null };
    return (
        <Box ref={box} minH={`${HEIGHT}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`What ${charge.label} removes of what a fresh charge would: now ${life.share[0]} %`}
                    style={{ display: 'block' }}
                >
                    <path d={`M${left} ${y(0)}H${right}`} stroke={ink} />
                    <path d={`M${left} ${y(0.2)}H${right}`} stroke={hairline} strokeDasharray="2 3" />
                    <path d={drained(life.course) ?? ''} fill={colour} fillOpacity={0.3} stroke={colour} />
                    {charge.to === null && <path d={`M${x(now * 1000)} 4V${y(0)}`} stroke={ink} strokeWidth="1.3" />}
                    {soonest !== null && (
                        <rect
                            x={x(soonest * 1000)}
                            y={y(0.2)}
                            width={Math.max(2, x((latest ?? end) * 1000) - x(soonest * 1000))}
                            height={y(0) - y(0.2)}
                            fill={colour}
                            fillOpacity={0.55}
                        >
                            <title>In 80 of 100 cases it is exhausted in this time</title>
                        </rect>
                    )}
                    {likely !== null && <circle cx={x(likely * 1000)} cy={y(0.1)} r="4" fill={colour} />}
                    {charge.calendar !== null && charge.to === null && (
                        <path
                            d={`M${x(charge.calendar.due * 1000)} ${y(0.5)}V${y(0)}`}
                            stroke={quiet}
                            strokeDasharray="3 2"
                        >
                            <title>By the calendar</title>
                        </path>
                    )}
                    {x.ticks(width < 400 ? 3 : 6).map((tick) => (
                        <SvgText
                            key={tick.getTime()}
                            x={Math.min(right - 18, Math.max(18, x(tick)))}
                            y={HEIGHT - 4}
                            anchor="middle"
                            colour="quiet"
                        >
                            {dates.short(tick.getTime() / 1000)}
                        </SvgText>
                    ))}
                </svg>
            )}
        </Box>
    );
}
