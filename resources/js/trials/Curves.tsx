import { Box, chakra, useToken } from '@chakra-ui/react';
import { max, mean } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { useWidth } from '../tide/useWidth';
import { Axes } from './Axes';
import { STROKES } from './strokes';
import { type Point, type Trial } from './types';

/** Until its own width is known. */
const WIDE = 640;
const HEIGHT = 260;
const LEFT = 44;
const BOTTOM = 26;

/** Each unit's readings over the days of the trial, with the level that its food alone would make. */
export function Curves({ trial, read: at }: { trial: Trial; read: number }) {
    const colours = useToken(
        'colors',
        STROKES.map(([colour]) => colour),
    );
    const [ink, paper] = useToken('colors', ['ink', 'paper']) as [string, string];
    const [box, width] = useWidth();
    const wide = width || WIDE;
    const read = trial.reads[at];
    const units = trial.units.map(({ unit, arm, sheet }) => ({
        unit,
        arm,
        points: (sheet[at]?.course ?? []).filter((one): one is Point & { level: number } => one.level !== null),
    }));
    const levels = units.flatMap(({ points }) => points.map(({ level }) => level));
    if (read === undefined || levels.length === 0) {
        return null;
    }
    const x = scaleLinear([0, trial.lastDay || 1], [LEFT, wide - 8]);
    const y = scaleLinear([0, max(levels) || 1], [HEIGHT - BOTTOM, 10]).nice();
    const start = mean(units.flatMap(({ points }) => points.filter(({ day }) => day === 0).map(({ level }) => level)));
    const path = (points: { day: number; level: number }[]) =>
        points.map(({ day, level }, n) => `${n === 0 ? 'M' : 'L'}${x(day)} ${y(level)}`).join('');
    const fed = trial.days.flatMap((day, n) => {
        const gain = read.fed[n] ?? null;
        return gain === null || start === undefined ? [] : [{ day, level: start + gain }];
    });
    const inSight = fed.filter(({ level }) => level <= (y.domain()[1] ?? Infinity));
    const cloudy = units.flatMap(({ unit, points }) =>
        points.filter((one) => one.isCloudy).map((one) => ({ unit, ...one })),
    );
    return (
        <Box ref={box}>
            <svg
                viewBox={`0 0 ${wide} ${HEIGHT}`}
                role="img"
                aria-label={`${read.label} of each unit by day`}
                style={{ width: '100%', height: 'auto' }}
            >
                <Axes x={x} y={y} ticks={[wide < 500 ? 5 : 8, 5]} />
                {inSight.length > 1 && (
                    <path d={path(inSight)} fill="none" stroke={ink} strokeWidth="1" strokeDasharray="1 4" />
                )}
                {units.map(({ unit, arm, points }) => (
                    <path
                        key={unit}
                        d={path(points)}
                        fill="none"
                        stroke={colours[arm ?? 0]}
                        strokeWidth="1.6"
                        strokeDasharray={arm === null ? '' : STROKES[arm]?.[1]}
                    >
                        <title>{unit}</title>
                    </path>
                ))}
                {cloudy.map(({ unit, day, level }) => (
                    <circle key={`${unit} ${day}`} cx={x(day)} cy={y(level)} r="4" fill={paper} stroke={ink}>
                        <title>{`${unit}, day ${day}: cloudy`}</title>
                    </circle>
                ))}
            </svg>
            <chakra.p fontSize="sm" color="quiet">
                {`${read.label}, ${read.unit}, by day. `}
                {trial.isBlind ? 'The arms are hidden until the verdict. ' : ''}
                {inSight.length > 1 ? 'Dotted: the level from food alone. ' : ''}
                {cloudy.length > 0 ? 'Ring: cloudy water.' : ''}
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
