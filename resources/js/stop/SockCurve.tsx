import { Box, chakra, useToken } from '@chakra-ui/react';
import { scaleLinear, scaleLog } from 'd3-scale';
import { line } from 'd3-shape';
import { figure } from '../lib/figures';
import { useShared } from '../lib/page';
import { SvgText } from '../parts/SvgText';
import { tone } from '../tide/parameters';
import { useWidth } from '../tide/useWidth';
import { type Sock } from './types';

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
    const ends = all.flatMap(([, ...shares]) => shares);
    const y = scaleLinear()
        .domain([Math.min(0, ...ends), Math.max(1, ...ends)])
        .nice(4)
        .range([HEIGHT - 24, 10]);
    return (
        <Box maxWidth="50rem">
            <chakra.p mb="1">
                {sock.present === null
                    ? 'No sock change is logged of late. A sock that is never changed rots and gives back what it holds.'
                    : `Changed every ${figure(sock.present[0], 1)} days it is ${sock.verdict}: after ${sock.weeks} weeks ${sides
                          .map(({ name }, i) => `${name} is ${figure(sock.present?.[i + 1] ?? 0, 0)} % lower`)
                          .join(' and ')} than without it, by the model of this tank.`}
            </chakra.p>
            <Box ref={box} minH={`${HEIGHT}px`}>
                {width > 0 && (
                    <svg
                        width={width}
                        height={HEIGHT}
                        role="img"
                        aria-label={`Per cent lower than without a sock, by days between changes: ${sock.points
                            .map(
                                ([every, ...shares]) =>
                                    `${every} days ${shares.map((one) => figure(one, 0)).join(' and ')}`,
                            )
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
                                        line<Sock['points'][number]>(
                                            ([every]) => x(every),
                                            (point) => y(point[i + 1] ?? 0),
                                        )(sock.points) ?? ''
                                    }
                                    strokeDasharray={i === 0 ? undefined : '6 3'}
                                />
                                {sock.present !== null && (
                                    <circle
                                        cx={x(Math.min(45, Math.max(2, sock.present[0])))}
                                        cy={y(sock.present[i + 1] ?? 0)}
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
                . The dots are now.
            </chakra.p>
        </Box>
    );
}
