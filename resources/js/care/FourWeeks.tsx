import { Box, chakra, useToken } from '@chakra-ui/react';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { type Day } from './types';

const [WIDTH, HEIGHT] = [280, 74];

/** Minutes a day in the four weeks ahead, if each chore is done on its day. */
export function FourWeeks({ weeks }: { weeks: Day[] }) {
    const [deep, water, ink] = useToken('colors', ['deep', 'water', 'ink']) as [string, string, string];
    const most = Math.max(1, ...weeks.map(({ minutes }) => minutes));
    const busiest = weeks.find(({ minutes }) => minutes === most);
    const step = WIDTH / Math.max(1, weeks.length);
    return (
        <Box>
            <svg
                width="100%"
                viewBox={`0 0 ${WIDTH} ${HEIGHT + 18}`}
                role="img"
                aria-label={`Minutes a day, four weeks ahead. Most on ${busiest?.day ?? ''}: ${figure(most, 0)} minutes. The list below holds the same.`}
            >
                {weeks.map(({ day, minutes }, n) => (
                    <rect
                        key={day}
                        x={n * step + 1}
                        y={HEIGHT - (HEIGHT - 4) * (minutes / most)}
                        width={step - 2}
                        height={(HEIGHT - 4) * (minutes / most)}
                        fill={n === 0 ? deep : water}
                        stroke={deep}
                        strokeWidth="0.5"
                    />
                ))}
                <path d={`M0 ${HEIGHT}H${WIDTH}`} stroke={ink} />
                <SvgText x={0} y={HEIGHT + 14} colour="quiet" size={11}>
                    {weeks[0]?.day ?? ''}
                </SvgText>
                <SvgText x={WIDTH} y={HEIGHT + 14} colour="quiet" size={11} anchor="end">
                    {weeks[weeks.length - 1]?.day ?? ''}
                </SvgText>
            </svg>
            {busiest !== undefined && most > 1 && (
                <chakra.p fontSize="sm" color="quiet">
                    Most on {busiest.day}: {figure(most, 0)} min. In all{' '}
                    {figure(weeks.reduce((sum, one) => sum + one.minutes, 0) / 60, 1)} h.
                </chakra.p>
            )}
            <details>
                <chakra.summary cursor="pointer" fontSize="sm" minH={{ base: '44px', md: '28px' }}>
                    Day by day
                </chakra.summary>
                <chakra.ul listStyleType="none" fontSize="sm">
                    {weeks
                        .filter(({ tasks }) => tasks.length > 0)
                        .map(({ day, minutes, tasks }) => (
                            <li key={day}>
                                <strong>{day}</strong>, {figure(minutes, 0)} min: {tasks.join('; ')}
                            </li>
                        ))}
                </chakra.ul>
            </details>
        </Box>
    );
}
