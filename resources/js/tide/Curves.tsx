import { useToken } from '@chakra-ui/react';
import { type ScaleLinear, type ScaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { memo } from 'react';
import { type Parameter } from '../lib/page';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { shown, tone } from './parameters';
import { type ReadingMark, type Verdict } from './types';

interface Props {
    readings: ReadingMark[];
    parameter: Parameter;
    /** Whether its axis stands on the left. */
    isLeft: boolean;
    x: ScaleTime<number, number>;
    y: ScaleLinear<number, number>;
}

/** Readings that one line joins. */
export function stretches(readings: ReadingMark[]): ReadingMark[][] {
    const all: ReadingMark[][] = [];
    for (const reading of readings) {
        const stretch = all[all.length - 1];
        if (stretch === undefined || !reading.joined) {
            all.push([reading]);
        } else {
            stretch.push(reading);
        }
    }
    return all;
}

/** One parameter over time: a line with square (left axis) or diamond (right axis) marks, open where the water was cloudy. */
export const Curve = memo(function Curve({ readings, parameter, isLeft, x, y }: Props) {
    const [colour, paper] = useToken('colors', [tone(parameter), 'paper']) as [string, string];
    const at = (reading: ReadingMark) => y(shown(parameter, reading.value));
    const path = line<ReadingMark>((reading) => x(reading.t * 1000), at);
    const room = (x.range()[1] ?? 0) - (x.range()[0] ?? 0);
    const [first = 0, last = 0] = x.domain().map((end) => end.getTime() / 1000);
    const marked = readings.filter(({ t }) => t >= first && t <= last).length * 7 < room;
    const half = isLeft ? 3.2 : 4.2;
    const top = y.domain()[1] ?? Infinity;
    return (
        <g fill="none" stroke={colour} strokeWidth="1.6">
            {stretches(readings).map((stretch) => (
                <path key={stretch[0]?.id} d={path(stretch) ?? ''} />
            ))}
            {marked &&
                readings.map((reading) => {
                    const [cx, cy] = [x(reading.t * 1000), at(reading)];
                    return (
                        <g key={reading.id} transform={`translate(${cx} ${cy})`}>
                            <rect
                                x={-half}
                                y={-half}
                                width={2 * half}
                                height={2 * half}
                                transform={isLeft ? undefined : 'rotate(45) scale(0.74)'}
                                fill={reading.cloudy || isLeft ? paper : colour}
                                strokeDasharray={reading.cloudy ? '2 1.5' : undefined}
                            />
                            {reading.below && <path d={`M-4 ${half + 3} 0 ${half + 7} 4 ${half + 3}`} />}
                        </g>
                    );
                })}
            {readings
                .filter((reading) => shown(parameter, reading.value) > top)
                .map((reading) => (
                    <SvgText
                        key={reading.id}
                        x={x(reading.t * 1000)}
                        y={at(reading) - 8}
                        colour={tone(parameter)}
                        anchor="middle"
                        size={11}
                        figures
                        halo
                    >
                        {`↑ ${figure(shown(parameter, reading.value))}`}
                    </SvgText>
                ))}
        </g>
    );
});

/** The two fitted lines of a verdict, with the water changes put back. */
export function FittedLine({ verdict, parameter, x, y }: Omit<Props, 'readings' | 'isLeft'> & { verdict: Verdict }) {
    const [ink] = useToken('colors', ['ink']) as [string];
    const fit = verdict.judgements.find((judgement) => judgement.parameter === parameter.key)?.line ?? [];
    const path = line<{ day: number; ppm: number }>(
        (point) => x((verdict.t + point.day * 86_400) * 1000),
        (point) => y(point.ppm),
    );
    return (
        <g fill="none" stroke={ink} strokeWidth="1.5" strokeDasharray="6 4">
            <path d={path(fit.filter((point) => point.day <= 0)) ?? ''} />
            <path d={path(fit.filter((point) => point.day > 0)) ?? ''} />
        </g>
    );
}
