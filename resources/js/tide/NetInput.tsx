import { useToken } from '@chakra-ui/react';
import { area, line } from 'd3-shape';
import { scaleLinear, type ScaleTime } from 'd3-scale';
import { type Parameter } from '../lib/page';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { tone } from './parameters';
import { type NetSpec } from './types';

export const NET_HEIGHT = 31;

/** What the water gains through time but for water changes: the estimate in its band of 90 %, about nought. */
export function NetInput({
    net,
    parameter,
    x,
    left,
    right,
    narrow,
    clip,
}: {
    net: NetSpec;
    parameter: Parameter;
    x: ScaleTime<number, number>;
    left: number;
    /** Right end of the lane. */
    right: number;
    narrow: boolean;
    /** The id of the clip that holds the time shown. */
    clip: string;
}) {
    const [colour, hairline] = useToken('colors', [tone(parameter), 'hairline']) as [string, string];
    const points = net.stretches.flat();
    // The band sets the scale but for its widest ends, which are where little was read.
    const ends = points.flatMap(([, , low, high]) => [Math.abs(low), Math.abs(high)]).sort((a, b) => a - b);
    const most = Math.max(1e-9, ends[Math.floor(0.92 * (ends.length - 1))] ?? 1);
    const y = scaleLinear()
        .domain([-most, most])
        .range([NET_HEIGHT - 3, 3])
        .clamp(true);
    const places = most >= 10 ? 0 : most >= 1 ? 1 : 2;
    const band = area<(typeof points)[number]>()
        .x(([t]) => x(t * 1000))
        .y0(([, , low]) => y(low))
        .y1(([, , , high]) => y(high));
    const middle = line<(typeof points)[number]>()
        .x(([t]) => x(t * 1000))
        .y(([, estimate]) => y(estimate));
    const last = points[points.length - 1];
    return (
        <g>
            <title>
                {`What the water gains of ${parameter.name} but for water changes, mg a day, with a band that holds 90 %`}
                {last !== undefined &&
                    `; at the last reading ${figure(last[1])}, ${figure(last[2])} to ${figure(last[3])}`}
            </title>
            <SvgText x={0} y={narrow ? 2 : NET_HEIGHT / 2 - 1} size={13}>
                {`${parameter.name.charAt(0).toUpperCase()}${parameter.name.slice(1)} in${narrow ? ', mg a day' : ''}`}
            </SvgText>
            {!narrow && (
                <SvgText x={0} y={NET_HEIGHT / 2 + 11} colour="quiet" size={11}>
                    mg a day
                </SvgText>
            )}
            <path d={`M${left} ${y(0)}H${right}`} stroke={hairline} />
            {net.stretches.map((stretch, i) => (
                <g key={i} clipPath={`url(#${clip})`}>
                    <path d={band(stretch) ?? ''} fill={colour} fillOpacity={0.16} />
                    <path d={middle(stretch) ?? ''} fill="none" stroke={colour} strokeWidth="1.6" />
                </g>
            ))}
            {[most, -most].map((end) => (
                <SvgText key={end} x={right + 6} y={end > 0 ? 11 : NET_HEIGHT - 3} colour="quiet" size={11} figures>
                    {`${end > 0 ? '+' : '−'}${most.toFixed(places)}`}
                </SvgText>
            ))}
            <path d={`M${narrow ? 0 : left} ${NET_HEIGHT - 0.5}H${right}`} stroke={hairline} />
        </g>
    );
}
