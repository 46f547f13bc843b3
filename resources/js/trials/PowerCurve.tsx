import { chakra, useToken } from '@chakra-ui/react';
import { max } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { figure } from '../lib/figures';
import { Axes } from './Axes';
import { type ReadPower } from './types';

const WIDTH = 320;
const HEIGHT = 120;
const LEFT = 40;
const BOTTOM = 22;

/** The smallest difference by units per arm, with your kit and with a finer one. */
export function PowerCurve({ curve, label }: { curve: ReadPower['curve']; label: string }) {
    const [ink, kelp] = useToken('colors', ['ink', 'kelp']) as [string, string];
    const first = curve[0];
    const last = curve.at(-1);
    if (first === undefined || last === undefined) {
        return null;
    }
    const x = scaleLinear([first.units, last.units], [LEFT + 6, WIDTH - 10]);
    const y = scaleLinear([0, max(curve, (one) => one.smallest) ?? 1], [HEIGHT - BOTTOM, 8]).nice(4);
    const path = (of: (one: ReadPower['curve'][number]) => number) =>
        curve.map((one, n) => `${n === 0 ? 'M' : 'L'}${x(one.units)} ${y(of(one))}`).join('');
    return (
        <chakra.figure mt="1" maxWidth="26rem">
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                role="img"
                aria-label={`${label}: smallest difference from ${figure(first.smallest)} with ${first.units} units per arm to ${figure(last.smallest)} with ${last.units}`}
                style={{ width: '100%', height: 'auto' }}
            >
                <Axes x={x} y={y} ticks={[curve.length, 3]} size={10} />
                <path d={path((one) => one.smallest)} fill="none" stroke={ink} strokeWidth="1.6" />
                <path d={path((one) => one.finer)} fill="none" stroke={kelp} strokeWidth="1.4" strokeDasharray="5 3" />
            </svg>
            <chakra.figcaption fontSize="sm" color="quiet">
                The same by units per arm. Dashed: a kit with a fifth of the step.
            </chakra.figcaption>
        </chakra.figure>
    );
}
