import { Box, chakra, useToken } from '@chakra-ui/react';
import { max, mean } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { SvgText } from '../parts/SvgText';
import { figure } from '../lib/figures';
import { type Trial } from './types';

const WIDTH = 640;
const HEIGHT = 260;
const LEFT = 44;
const BOTTOM = 26;
/** Colour and dash of each arm, so that colour is never alone. */
const STROKES = [
    ['quiet', ''],
    ['kelp', '6 3'],
    ['deep', '2 3'],
    ['ink', '8 3 2 3'],
] as const;

/** Each unit's readings over the days of the trial, with the level that its food should have made. */
export function Curves({ trial }: { trial: Trial }) {
    const colours = useToken(
        'colors',
        STROKES.map(([colour]) => colour),
    );
    const [edge, ink] = useToken('colors', ['edge', 'ink']) as [string, string];
    const levels = trial.units.flatMap(({ course }) => course.map(([, level]) => level ?? 0));
    if (levels.length === 0) {
        return null;
    }
    const known = trial.fed.filter((one): one is number => one !== null);
    const x = scaleLinear([0, trial.lastDay || 1], [LEFT, WIDTH - 8]);
    const y = scaleLinear([0, max(levels) || 1], [HEIGHT - BOTTOM, 10]).nice();
    const first = trial.units.flatMap(({ course }) => course.filter(([day]) => day === trial.days[0]));
    const start = mean(first, ([, level]) => level ?? undefined) ?? 0;
    const path = (points: [number, number][]) =>
        points.map(([day, level], n) => `${n === 0 ? 'M' : 'L'}${x(day)} ${y(level)}`).join('');
    const fed =
        known.length === 0 ? [] : trial.days.map((day, n): [number, number] => [day, start + (trial.fed[n] ?? 0)]);
    return (
        <Box>
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                role="img"
                aria-label={`${trial.label} of each unit by day`}
                style={{ width: '100%', height: 'auto' }}
            >
                {y.ticks(5).map((tick) => (
                    <g key={tick}>
                        <line x1={LEFT} x2={WIDTH - 8} y1={y(tick)} y2={y(tick)} stroke={edge} strokeWidth="0.6" />
                        <SvgText x={LEFT - 6} y={y(tick) + 4} anchor="end" size={11} colour="quiet" figures>
                            {figure(tick)}
                        </SvgText>
                    </g>
                ))}
                {x.ticks(8).map((tick) => (
                    <SvgText key={tick} x={x(tick)} y={HEIGHT - 8} anchor="middle" size={11} colour="quiet" figures>
                        {tick}
                    </SvgText>
                ))}
                {fed.length > 1 && (
                    <path
                        d={path(fed.filter(([, level]) => level <= (y.domain()[1] ?? Infinity)))}
                        fill="none"
                        stroke={ink}
                        strokeWidth="1"
                        strokeDasharray="1 4"
                    />
                )}
                {trial.units.map(({ unit, arm, course }) => (
                    <path
                        key={unit}
                        d={path(course.filter((one): one is [number, number] => one[1] !== null))}
                        fill="none"
                        stroke={colours[arm ?? 0]}
                        strokeWidth="1.6"
                        strokeDasharray={arm === null ? '' : STROKES[arm]?.[1]}
                    >
                        <title>{unit}</title>
                    </path>
                ))}
            </svg>
            <chakra.p fontSize="sm" color="quiet">
                {`${trial.label}, ppm, by day. `}
                {trial.isBlind ? 'Which unit has which arm is hidden until it is judged. ' : ''}
                {fed.length > 1 ? 'Dotted: what the food of a unit alone would make of it.' : ''}
            </chakra.p>
            {!trial.isBlind && (
                <Box display="flex" flexWrap="wrap" columnGap="4" fontSize="sm">
                    {trial.arms.map((arm, n) => (
                        <Box key={arm} display="inline-flex" alignItems="center" gap="2">
                            <svg width="34" height="8" aria-hidden="true">
                                <line
                                    x1="0"
                                    x2="34"
                                    y1="4"
                                    y2="4"
                                    stroke={colours[n]}
                                    strokeWidth="2"
                                    strokeDasharray={STROKES[n]?.[1]}
                                />
                            </svg>
                            {n === 0 ? `${arm} (control)` : arm}
                        </Box>
                    ))}
                </Box>
            )}
        </Box>
    );
}
