import { Box, chakra, useToken } from '@chakra-ui/react';
import { scaleLinear, scaleLog } from 'd3-scale';
import { area, line } from 'd3-shape';
import { figure } from '../lib/figures';
import { useShared } from '../lib/page';
import { SvgText } from '../parts/SvgText';
import { tone } from '../tide/parameters';
import { useWidth } from '../tide/useWidth';
import { type Range, type Sock } from './types';

const HEIGHT = 150;

/** Whether the sock helps as it is changed: how much lower the water ends by how often that is done. */
export function SockCurve({ sock }: { sock: Sock }) {
    const [box, width] = useWidth();
    const { parameters } = useShared();
    const [ink, hairline] = useToken('colors', ['ink', 'hairline']) as [string, string];
    const sides = parameters.filter(({ side }) => side !== 'row');
    const tones = useToken('colors', sides.map(tone));
    const [left, right] = [46, Math.max(47, width - 12)];
    const x = scaleLog().domain([2, 45]).range([left, right]);
    const all = [...sock.points, ...(sock.present === null ? [] : [sock.present])];
    const ends = all.flatMap(([, ...ranges]) => ranges.flat());
    const y = scaleLinear()
        .domain([Math.min(0, ...ends), Math.max(1, ...ends)])
        .nice(4)
        .range([HEIGHT - 24, 10]);
    return (
        <Box maxWidth="50rem">
            <chakra.p mb="1">
                {sock.present === null
                    ? 'No sock change is logged of late. A sock that is never changed rots and releases what it holds.'
                    : `Changed every ${figure(sock.present[0], 1)} days it is ${sock.verdict}: after ${sock.weeks} weeks ${sides
                          .map(({ name }, i) => `${name} is ${shares(rangeOf(sock.present, i))} lower`)
                          .join(' and ')} than without it, by the model of this tank.`}
            </chakra.p>
            <Box ref={box} minH={`${HEIGHT}px`}>
                {width > 0 && (
                    <svg
                        width={width}
                        height={HEIGHT}
                        role="img"
                        aria-label={`Per cent lower than without a sock, by days between changes: ${sock.points
                            .map(([every, ...ranges]) => `${every} days ${ranges.map(shares).join(' and ')}`)
                            .join(', ')}`}
                        style={{ display: 'block' }}
                    >
                        {y.ticks(4).map((tick) => (
                            <g key={tick}>
                                <path d={`M${left} ${y(tick)}H${right}`} stroke={tick === 0 ? ink : hairline} />
                                <SvgText x={left - 8} y={y(tick) + 4} anchor="end" colour="quiet" figures>
                                    {`${tick} %`}
                                </SvgText>
                            </g>
                        ))}
                        {sock.points.map(([every]) => (
                            <SvgText key={every} x={x(every)} y={HEIGHT - 6} anchor="middle" colour="quiet" figures>
                                {`${every}`}
                            </SvgText>
                        ))}
                        {sides.map((parameter, i) => (
                            <g key={parameter.key} fill="none" stroke={tones[i]} strokeWidth="1.8">
                                <path
                                    d={
                                        area<Sock['points'][number]>(
                                            ([every]) => x(every),
                                            (point) => y(rangeOf(point, i)[1]),
                                            (point) => y(rangeOf(point, i)[2]),
                                        )(sock.points) ?? ''
                                    }
                                    fill={tones[i]}
                                    fillOpacity={0.12}
                                    stroke="none"
                                />
                                <path
                                    d={
                                        line<Sock['points'][number]>(
                                            ([every]) => x(every),
                                            (point) => y(rangeOf(point, i)[0]),
                                        )(sock.points) ?? ''
                                    }
                                    strokeDasharray={i === 0 ? undefined : '6 3'}
                                />
                                {sock.present !== null && (
                                    <circle
                                        cx={x(Math.min(45, Math.max(2, sock.present[0])))}
                                        cy={y(rangeOf(sock.present, i)[0])}
                                        r="4.5"
                                        fill={tones[i]}
                                    />
                                )}
                            </g>
                        ))}
                    </svg>
                )}
            </Box>
            <chakra.p fontSize="sm" color="quiet">
                Days between changes: {sides.map(({ name }, i) => `${name} ${i === 0 ? 'solid' : 'dashed'}`).join(', ')}
                . The dots are now; shaded where it lies in 80 of 100 cases.
            </chakra.p>
        </Box>
    );
}

function rangeOf(point: Sock['present'], side: number): Range {
    return (side === 0 ? point?.[1] : point?.[2]) ?? [0, 0, 0];
}

function shares([middle, low, high]: Range): string {
    const [from, to] = [Math.round(low), Math.round(high)];
    return from === to ? `${figure(middle, 0)} %` : `${figure(from, 0)} to ${figure(to, 0)} %`;
}
