import { chakra, useToken } from '@chakra-ui/react';
import { scaleLinear } from 'd3-scale';
import { SvgText } from '../parts/SvgText';
import { figure, signed } from '../lib/figures';

const WIDTH = 420;
const HEIGHT = 56;

/** The interval of a change a week, with zero in it. */
export function WeekBar({
    perWeek,
    unit,
    isWide,
}: {
    perWeek: { estimate: number; low: number; high: number };
    unit: string;
    isWide: boolean;
}) {
    const [edge, ink, deep] = useToken('colors', ['edge', 'ink', 'deep']) as [string, string, string];
    const x = scaleLinear([Math.min(0, perWeek.low), Math.max(0, perWeek.high)], [40, WIDTH - 40]);
    return (
        <chakra.figure maxWidth="30rem" mb="2">
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                role="img"
                aria-label={`Change: ${signed(perWeek.estimate)} ${unit} a week, ${figure(perWeek.low)} to ${figure(perWeek.high)}`}
                style={{ width: '100%', height: 'auto' }}
            >
                <line x1={x(0)} x2={x(0)} y1="4" y2="36" stroke={edge} strokeWidth="1.5" />
                <line x1={x(perWeek.low)} x2={x(perWeek.high)} y1="20" y2="20" stroke={deep} strokeWidth="6" />
                <circle cx={x(perWeek.estimate)} cy="20" r="6" fill={ink} />
                <SvgText x={x(perWeek.low)} y={50} anchor="middle" size={12} figures>
                    {signed(perWeek.low)}
                </SvgText>
                <SvgText x={x(perWeek.high)} y={50} anchor="middle" size={12} figures>
                    {signed(perWeek.high)}
                </SvgText>
            </svg>
            <chakra.figcaption fontSize="sm" color="quiet">
                {`${unit} a week more or less, ${isWide ? '97.5' : '95'} % interval. The line is zero.`}
            </chakra.figcaption>
        </chakra.figure>
    );
}
