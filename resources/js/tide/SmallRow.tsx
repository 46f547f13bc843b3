import { useToken } from '@chakra-ui/react';
import { extent } from 'd3-array';
import { scaleLinear, type ScaleTime } from 'd3-scale';
import { line } from 'd3-shape';
import { type Parameter } from '../lib/page';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { stretches } from './Curves';
import { shown, tone } from './parameters';
import { type ReadingMark } from './types';

export const ROW_HEIGHT = 31;

/** A parameter without an axis: its course between the least and the most of the time shown. */
export function SmallRow({
    readings,
    parameter,
    x,
    left,
    right,
    narrow,
    clip,
}: {
    readings: ReadingMark[];
    parameter: Parameter;
    x: ScaleTime<number, number>;
    left: number;
    /** Right end of the row. */
    right: number;
    narrow: boolean;
    /** The id of the clip that holds the time shown. */
    clip: string;
}) {
    const [colour, hairline] = useToken('colors', [tone(parameter), 'hairline']) as [string, string];
    const [least = 0, most = 0] = extent(readings, (reading) => shown(parameter, reading.value));
    const y = scaleLinear()
        .domain(least === most ? [least - 1, most + 1] : [least, most])
        .range([ROW_HEIGHT - 6, 6]);
    const path = line<ReadingMark>(
        (reading) => x(reading.t * 1000),
        (reading) => y(shown(parameter, reading.value)),
    );
    const name = `${parameter.name.charAt(0).toUpperCase()}${parameter.name.slice(1)}`;
    return (
        <g>
            <title>{`${name}: ${readings.length} readings, ${figure(least)} to ${figure(most)} ${parameter.unit}`}</title>
            <SvgText x={0} y={narrow ? 2 : ROW_HEIGHT / 2 + (parameter.unit === '' ? 4 : -1)} size={13}>
                {`${name}${narrow && parameter.unit !== '' ? `, ${parameter.unit}` : ''}`}
            </SvgText>
            {!narrow && parameter.unit !== '' && (
                <SvgText x={0} y={ROW_HEIGHT / 2 + 11} colour="quiet" size={11}>
                    {parameter.unit}
                </SvgText>
            )}
            <g fill="none" stroke={colour} strokeWidth="1.5" clipPath={`url(#${clip})`}>
                {stretches(readings).map((stretch) =>
                    stretch.length === 1 ? (
                        <circle
                            key={stretch[0]?.id}
                            cx={x((stretch[0]?.t ?? 0) * 1000)}
                            cy={y(shown(parameter, stretch[0]?.value ?? 0))}
                            r="1.6"
                        />
                    ) : (
                        <path key={stretch[0]?.id} d={path(stretch) ?? ''} />
                    ),
                )}
            </g>
            {(least === most ? [most] : [most, least]).map((end, i) => (
                <SvgText key={i} x={right + 6} y={i === 0 ? 12 : ROW_HEIGHT - 3} colour="quiet" size={11} figures>
                    {figure(end)}
                </SvgText>
            ))}
            <path d={`M${narrow ? 0 : left} ${ROW_HEIGHT - 0.5}H${right}`} stroke={hairline} />
        </g>
    );
}
