import { useToken } from '@chakra-ui/react';
import { type ScaleLinear } from 'd3-scale';
import { SvgText } from '../parts/SvgText';
import { figure } from '../lib/figures';

interface Props {
    x: ScaleLinear<number, number>;
    y: ScaleLinear<number, number>;
    /** About so many figures on each. */
    ticks: [number, number];
    size?: number;
}

/** Lines of levels and figures on both axes of a drawing. */
export function Axes({ x, y, ticks: [across, up], size = 11 }: Props) {
    const [edge] = useToken('colors', ['edge']) as [string];
    const [left, right] = x.range() as [number, number];
    const [bottom] = y.range() as [number, number];
    return (
        <>
            {y.ticks(up).map((tick) => (
                <g key={tick}>
                    <line x1={left} x2={right} y1={y(tick)} y2={y(tick)} stroke={edge} strokeWidth="0.6" />
                    <SvgText x={left - 6} y={y(tick) + 4} anchor="end" size={size} colour="quiet" figures>
                        {figure(tick)}
                    </SvgText>
                </g>
            ))}
            {x.ticks(across).map((tick) => (
                <SvgText key={tick} x={x(tick)} y={bottom + 18} anchor="middle" size={size} colour="quiet" figures>
                    {tick}
                </SvgText>
            ))}
        </>
    );
}
