import { useToken } from '@chakra-ui/react';
import { type ScaleLinear } from 'd3-scale';
import { type Parameter } from '../lib/page';
import { shown, tone } from './parameters';
import { type TargetBand } from './types';

/** The levels a school wants: a bar beside the axis of its parameter, with a faint band across. */
export function Target({
    band,
    parameter,
    isLeft,
    y,
    left,
    right,
}: {
    band: TargetBand;
    parameter: Parameter;
    isLeft: boolean;
    y: ScaleLinear<number, number>;
    left: number;
    right: number;
}) {
    const [colour] = useToken('colors', [tone(parameter)]) as [string];
    const [top, bottom] = [y(shown(parameter, band.high)), y(shown(parameter, band.low))];
    return (
        <g data-target={parameter.key}>
            <title>{`Target, our estimate: ${band.text}`}</title>
            <rect x={left} y={top} width={right - left} height={bottom - top} fill={colour} fillOpacity={0.07} />
            <rect x={isLeft ? left : right - 5} y={top} width={5} height={bottom - top} fill={colour} />
        </g>
    );
}
