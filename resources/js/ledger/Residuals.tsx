import { Box, useToken } from '@chakra-ui/react';
import { extent } from 'd3-array';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { line } from 'd3-shape';
import { useDates } from '../lib/dates';
import { type Parameter } from '../lib/page';
import { SvgText } from '../parts/SvgText';
import { shown, tone } from '../tide/parameters';
import { useWidth } from '../tide/useWidth';
import { type Residual } from './types';

const HEIGHT = 92;

/** Readings as marks over the line of the model, so that a bad fit is seen. */
export function Residuals({ parameter, residuals }: { parameter: Parameter; residuals: Residual[] }) {
    const [box, width] = useWidth();
    const [colour, ink, paper] = useToken('colors', [tone(parameter), 'ink', 'paper']) as [string, string, string];
    const dates = useDates();
    const mine = residuals.filter((one) => one.parameter === parameter.key);
    const [from = 0, to = 1] = extent(mine, ({ t }) => t * 1000);
    const x = scaleUtc()
        .domain([from, to])
        .range([40, Math.max(41, width - 8)]);
    const [, most = 1] = extent(mine.flatMap(({ read, model }) => [shown(parameter, read), shown(parameter, model)]));
    const y = scaleLinear()
        .domain([0, most * 1.1])
        .nice(3)
        .range([HEIGHT - 18, 6]);
    const path = line<Residual>(
        ({ t }) => x(t * 1000),
        ({ model }) => y(shown(parameter, model)),
    );
    return (
        <Box ref={box} minH={`${HEIGHT}px`}>
            {width > 0 && (
                <svg
                    width={width}
                    height={HEIGHT}
                    role="img"
                    aria-label={`${parameter.name}: ${mine.length} readings beside the model`}
                    style={{ display: 'block' }}
                >
                    {y.ticks(3).map((tick) => (
                        <SvgText key={tick} x={34} y={y(tick) + 4} anchor="end" colour="quiet" size={11} figures>
                            {y.tickFormat(3)(tick)}
                        </SvgText>
                    ))}
                    {x.ticks(4).map((tick) => (
                        <SvgText
                            key={tick.getTime()}
                            x={x(tick)}
                            y={HEIGHT - 3}
                            anchor="middle"
                            colour="quiet"
                            size={11}
                        >
                            {dates.short(tick.getTime() / 1000)}
                        </SvgText>
                    ))}
                    <path d={path(mine) ?? ''} fill="none" stroke={ink} strokeDasharray="6 4" strokeWidth="1.4" />
                    {mine.map(({ t, read }) => (
                        <rect
                            key={t}
                            x={x(t * 1000) - 3}
                            y={y(shown(parameter, read)) - 3}
                            width={6}
                            height={6}
                            fill={paper}
                            stroke={colour}
                            strokeWidth="1.5"
                        />
                    ))}
                </svg>
            )}
        </Box>
    );
}
