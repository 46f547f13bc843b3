import { chakra, useToken } from '@chakra-ui/react';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { useWidth } from '../tide/useWidth';
import { SvgText } from '../parts/SvgText';
import { figure } from '../lib/figures';
import { Axes } from './Axes';
import { STROKES } from './strokes';
import { type TankTrial } from './types';

/** Until its own width is known. */
const WIDE = 640;
const HEIGHT = 240;
const LEFT = 44;
const BOTTOM = 26;
const TOP = 22;

/** Readings of the tanks over the days of the trial; shaded while the change is on. */
export function TankCurve({ trial }: { trial: TankTrial }) {
    const [box, width] = useWidth();
    const wide = width || WIDE;
    const colours = useToken(
        'colors',
        STROKES.map(([colour]) => colour),
    );
    const [water] = useToken('colors', ['water']) as [string];
    const levels = trial.readings.flatMap(({ points }) => points.map(([, level]) => level));
    const last = Math.max(trial.lastDay, 1);
    const x = scaleLinear([0, last], [LEFT, wide - 8]);
    const y = scaleLinear([0, max(levels) ?? 1], [HEIGHT - BOTTOM, TOP]).nice();
    return (
        <chakra.figure>
            <div ref={box} />
            <svg
                viewBox={`0 0 ${wide} ${HEIGHT}`}
                role="img"
                aria-label={`${trial.label} by day; the change is on ${trial.spans.map(([from, to]) => `from day ${from} to day ${to}`).join(', ')}`}
                style={{ width: '100%', height: 'auto' }}
            >
                {trial.spans.map(([from, to]) => (
                    <g key={from}>
                        <rect
                            x={x(from)}
                            y={TOP - 18}
                            width={x(to) - x(from)}
                            height={HEIGHT - BOTTOM - TOP + 18}
                            fill={water}
                        />
                        <SvgText x={(x(from) + x(to)) / 2} y={TOP - 6} anchor="middle" size={11} bold>
                            on
                        </SvgText>
                    </g>
                ))}
                <Axes x={x} y={y} ticks={[wide < 500 ? 5 : 8, levels.length === 0 ? 0 : 4]} />
                {trial.readings.map(({ tank, points }, n) => (
                    <g key={tank}>
                        <path
                            d={points
                                .map(([day, level], at) => `${at === 0 ? 'M' : 'L'}${x(day)} ${y(level)}`)
                                .join('')}
                            fill="none"
                            stroke={colours[n === 0 ? 2 : 0]}
                            strokeWidth="1.6"
                            strokeDasharray={n === 0 ? '' : '6 3'}
                        />
                        {points.map(([day, level]) => (
                            <circle key={day} cx={x(day)} cy={y(level)} r="2.4" fill={colours[n === 0 ? 2 : 0]}>
                                <title>{`${tank}, day ${figure(day)}: ${figure(level)} ${trial.unit}`}</title>
                            </circle>
                        ))}
                    </g>
                ))}
            </svg>
            <chakra.figcaption fontSize="sm" color="quiet">
                {levels.length === 0
                    ? 'By day of the trial. Readings come from the journal.'
                    : `${trial.label}, ${trial.unit}, by day of the trial, from the journal.`}
                {trial.readings.length > 1
                    ? ` Solid: ${trial.readings[0]?.tank ?? ''}. Dashed: ${trial.readings[1]?.tank ?? ''}.`
                    : ''}
            </chakra.figcaption>
        </chakra.figure>
    );
}
