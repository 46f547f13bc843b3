import { useToken } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { signed } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { tone, useParameter } from './parameters';
import { type Rate } from './types';

const WIDTH = 272;

/** A figure with its 95 % interval against zero. */
export function IntervalBar({
    of,
    interval: difference,
    unit,
}: {
    of: string;
    interval: Pick<Rate, 'perDay' | 'low' | 'high'>;
    unit: string;
}) {
    const parameter = useParameter()(of);
    const [colour, ink, hairline] = useToken('colors', [tone(parameter), 'ink', 'hairline']) as [
        string,
        string,
        string,
    ];
    const x = scaleLinear()
        .domain([Math.min(0, difference.low), Math.max(0, difference.high)])
        .range([36, WIDTH - 36]);
    const most = Math.max(Math.abs(difference.low), Math.abs(difference.high));
    const places = most >= 10 ? 0 : most >= 1 ? 1 : 2;
    const text = `${signed(difference.low, places)} to ${signed(difference.high, places)} ${unit}, 95 %`;
    const shape = parameter.side === 'left' ? 'M-5-5H5V5H-5Z' : 'M0-6 6 0 0 6-6 0Z';
    return (
        <svg
            viewBox={`0 0 ${WIDTH} 55`}
            width="100%"
            role="img"
            aria-label={`Difference ${text}`}
            style={{ maxWidth: WIDTH, display: 'block' }}
        >
            <path d={`M0 14H${WIDTH}`} stroke={hairline} />
            <rect
                x={x(difference.low)}
                y={9}
                width={Math.max(2, x(difference.high) - x(difference.low))}
                height={10}
                fill={colour}
                fillOpacity="0.35"
            />
            <path d={shape} transform={`translate(${x(difference.perDay)} 14)`} fill={colour} />
            <path d={`M${x(0)} 5V23`} stroke={ink} />
            <text
                x={x(0)}
                y={36}
                fontSize="12"
                textAnchor="middle"
                fill={ink}
                fontFamily="Atkinson Hyperlegible Mono Variable, monospace"
            >
                0
            </text>
            <SvgText x={0} y={50} figures>
                {text}
            </SvgText>
        </svg>
    );
}
