import { useToken } from '@chakra-ui/react';
import { max } from 'd3-array';
import { type ScaleTime } from 'd3-scale';
import { memo } from 'react';
import { SvgText } from '../parts/SvgText';
import { type ChangeMark, type Courses, type LaneSpec, type RateMark, type Sheet } from './types';

export const LANE_HEIGHT = 28;

export interface Lane extends LaneSpec {
    changes: ChangeMark[];
    rates?: RateMark[];
}

/** What a tone of the core looks like. */
const COLOURS: Record<string, string> = {
    plain: 'deep',
    food: 'nitrate',
    culture: 'kelp',
    binder: 'phosphate',
    medium: 'quiet',
    note: 'edge',
};

/** The lanes a journal needs: one per lever that was ever used in it. */
export function lanesOf({ changes, rates, lanes }: Sheet): Lane[] {
    return lanes
        .map((lane) => ({
            ...lane,
            unit: rates[lane.key] ? lane.rateUnit : lane.unit,
            changes: changes.filter((change) => change.lane === lane.key),
            rates: rates[lane.key],
        }))
        .filter((lane) => lane.changes.length > 0 || lane.rates !== undefined);
}

interface Props {
    lane: Lane;
    x: ScaleTime<number, number>;
    end: number;
    picked: number | null;
    onPick: (id: number) => void;
    courses: Courses;
}

/** One lever on the time axis. Any mark of a lever can be picked. */
export const LaneMarks = memo(function LaneMarks(props: Props) {
    const { lane } = props;
    const colour = COLOURS[lane.tone] ?? 'deep';
    if (lane.rates !== undefined) {
        return <Rates rates={lane.rates} x={props.x} colour={colour} />;
    }
    const full = lane.full ?? max(lane.changes, (change) => change.amount ?? 0) ?? 1;
    const height = (change: ChangeMark) => (change.amount === null ? 10 : 3 + (19 * change.amount) / (full || 1));
    switch (lane.shape) {
        case 'ticks':
            return <Ticks {...props} height={height} colour={colour} />;
        case 'drops':
            return <Drops {...props} />;
        case 'steps':
            return <Steps {...props} height={(change) => (22 * (change.amount ?? 0)) / (full || 1)} colour={colour} />;
        case 'toggle':
            return <OnOff {...props} />;
        default:
            return <Bars {...props} colour={colour} />;
    }
});

/** A bar a period, as high as the lever was used. */
function Rates({ rates, x, colour }: { rates: RateMark[]; x: Props['x']; colour: string }) {
    const [fill] = useToken('colors', [colour]) as [string];
    const most = max(rates, (rate) => rate.perDay) ?? 1;
    return rates.map((rate) => {
        const from = x(rate.t * 1000);
        const tall = (22 * rate.perDay) / (most || 1);
        return (
            <rect
                key={rate.t}
                x={from}
                y={LANE_HEIGHT - 3 - tall}
                width={Math.max(1, x((rate.t + rate.seconds) * 1000) - from - 1)}
                height={tall}
                fill={fill}
                fillOpacity="0.6"
            >
                <title>{rate.text}</title>
            </rect>
        );
    });
}

function Pickable({
    change,
    onPick,
    children,
}: {
    change: ChangeMark;
    onPick: (id: number) => void;
    children: React.ReactNode;
}) {
    return (
        <g
            onClick={change.judged ? () => onPick(change.id) : undefined}
            style={{ cursor: change.judged ? 'pointer' : undefined }}
        >
            <title>{change.text}</title>
            {children}
        </g>
    );
}

function Ticks({
    lane,
    x,
    picked,
    onPick,
    height,
    colour,
}: Props & { height: (change: ChangeMark) => number; colour: string }) {
    const [stroke, ink] = useToken('colors', [colour, 'ink']) as [string, string];
    return lane.changes.map((change) => {
        const [at, tall] = [x(change.t * 1000), height(change)];
        return (
            <Pickable key={change.id} change={change} onPick={onPick}>
                <rect x={at - 4} y={0} width={8} height={LANE_HEIGHT} fill="transparent" />
                <rect
                    x={at - 1.1}
                    y={LANE_HEIGHT - 4 - tall}
                    width={picked === change.id ? 3.4 : 2.2}
                    height={tall}
                    fill={picked === change.id ? ink : stroke}
                />
            </Pickable>
        );
    });
}

function Drops({ lane, x, picked, onPick }: Props) {
    const [water, deep] = useToken('colors', ['current', 'deep']) as [string, string];
    const gap =
        lane.changes.length > 1
            ? Math.abs(x((lane.changes[1]?.t ?? 0) * 1000) - x((lane.changes[0]?.t ?? 0) * 1000))
            : 99;
    return lane.changes.map((change) => (
        <Pickable key={change.id} change={change} onPick={onPick}>
            <circle
                cx={x(change.t * 1000)}
                cy={LANE_HEIGHT / 2}
                r={gap > 18 ? 7 : 3}
                fill={water}
                stroke={deep}
                strokeWidth={picked === change.id ? 3 : 1.2}
            />
            {gap > 42 && (
                <SvgText x={x(change.t * 1000) + 10} y={LANE_HEIGHT / 2 + 4} colour="quiet" size={11.5} figures>
                    {change.label}
                </SvgText>
            )}
        </Pickable>
    ));
}

/** The row of each charge in its lane, so that those in at the same time do not cover one another. */
function rowsOf(changes: ChangeMark[], end: number): [number[], number] {
    const free: number[] = [];
    const rows = changes.map(({ t, until }) => {
        const found = free.findIndex((from) => from <= t);
        const row = found < 0 ? free.length : found;
        free[row] = until ?? end;
        return row;
    });
    return [rows, Math.max(1, free.length)];
}

/** Each charge from the day it went in to the day it came out. */
function Bars({ lane, x, end, picked, onPick, courses, colour: token }: Props & { colour: string }) {
    const [colour, ink] = useToken('colors', [token, 'ink']) as [string, string];
    const start = x.range()[0] ?? 0;
    const [rows, count] = rowsOf(lane.changes, end);
    const tall = (LANE_HEIGHT - 12) / count;
    return lane.changes.map((change, i) => {
        const from = Math.max(start, x(change.t * 1000));
        const to = x(Math.min(end, change.until ?? end) * 1000);
        const top = 6 + tall * (rows[i] ?? 0);
        const course = (courses[change.id] ?? []).filter(([t]) => t <= end && x(t * 1000) >= start);
        return (
            <Pickable key={change.id} change={change} onPick={onPick}>
                {course.length > 1 && (
                    <path
                        d={`M${from} ${top + tall}${course
                            .map(([t, share]) => `L${x(t * 1000)} ${top + tall - Math.min(1, share) * tall}`)
                            .join('')}L${x((course.at(-1)?.[0] ?? 0) * 1000)} ${top + tall}Z`}
                        fill={colour}
                        fillOpacity="0.45"
                    />
                )}
                <rect
                    x={from}
                    y={top}
                    width={Math.max(3, to - from)}
                    height={tall - (count > 1 ? 1 : 0)}
                    fill={colour}
                    fillOpacity="0.22"
                />
                <path
                    d={`M${from} ${top}V${top + tall - (count > 1 ? 1 : 0)}`}
                    stroke={picked === change.id ? ink : colour}
                    strokeWidth={picked === change.id ? 4 : 2.5}
                />
                {to - from > 44 && (
                    <SvgText x={from + 7} y={top + tall / 2 + 4} size={count > 1 ? 10.5 : 12} halo>
                        {change.label}
                    </SvgText>
                )}
            </Pickable>
        );
    });
}

function Steps({
    lane,
    x,
    end,
    picked,
    onPick,
    height,
    colour,
}: Props & { height: (change: ChangeMark) => number; colour: string }) {
    const [fill] = useToken('colors', [colour]) as [string];
    const start = x.range()[0] ?? 0;
    return lane.changes.map((change, i) => {
        const from = Math.max(start, x(change.t * 1000));
        const to = x((lane.changes[i + 1]?.t ?? end) * 1000);
        const tall = Math.max(1.5, height(change));
        return (
            <Pickable key={change.id} change={change} onPick={onPick}>
                <rect
                    x={from}
                    y={LANE_HEIGHT - 4 - tall}
                    width={Math.max(2, to - from)}
                    height={tall}
                    fill={fill}
                    fillOpacity="0.22"
                    stroke={fill}
                    strokeWidth={picked === change.id ? 2.5 : 1}
                />
                <SvgText x={from + 4} y={Math.max(11, LANE_HEIGHT - 7 - tall)}>
                    {change.label}
                </SvgText>
            </Pickable>
        );
    });
}

function OnOff({ lane, x, end, picked, onPick }: Props) {
    const [deep, ink, fault] = useToken('colors', ['deep', 'ink', 'fault']) as [string, string, string];
    const start = x.range()[0] ?? 0;
    // A time off that ends by itself leaves the state before it as it was.
    const spells = lane.changes.filter((change) => change.until !== null);
    const switches = lane.changes.filter((change) => change.until === null);
    const first = switches[0];
    return (
        <>
            {first === undefined && (
                <rect x={start} y={LANE_HEIGHT / 2 - 2} width={x(end * 1000) - start} height={4} fill={deep} />
            )}
            {first?.amount === 0 && (
                <rect
                    x={start}
                    y={LANE_HEIGHT / 2 - 2}
                    width={Math.max(0, x(first.t * 1000) - start)}
                    height={4}
                    fill={deep}
                />
            )}
            {switches.map((change, i) => {
                const from = Math.max(start, x(change.t * 1000));
                const next = switches[i + 1]?.t ?? end;
                const to = x(next * 1000);
                const days = Math.round((next - change.t) / 86_400);
                return (
                    <Pickable key={change.id} change={change} onPick={onPick}>
                        <rect
                            x={from}
                            y={4}
                            width={Math.max(8, to - from)}
                            height={LANE_HEIGHT - 8}
                            fill="transparent"
                        />
                        {change.amount === 1 ? (
                            <rect
                                x={from}
                                y={LANE_HEIGHT / 2 - 2}
                                width={Math.max(2, to - from)}
                                height={4}
                                fill={picked === change.id ? ink : deep}
                            />
                        ) : (
                            <SvgText
                                x={(from + to) / 2}
                                y={LANE_HEIGHT / 2 - 4}
                                anchor="middle"
                                colour="fault"
                                size={11.5}
                                bold
                            >
                                off {days < 1 ? 'today' : days === 1 ? '1 day' : `${days} days`}
                            </SvgText>
                        )}
                    </Pickable>
                );
            })}
            {spells.map((change) => {
                const from = Math.max(start, x(change.t * 1000));
                return (
                    <Pickable key={change.id} change={change} onPick={onPick}>
                        <rect
                            x={from}
                            y={LANE_HEIGHT / 2 - 6}
                            width={Math.max(2.5, x(Math.min(end, change.until ?? end) * 1000) - from)}
                            height={12}
                            fill={fault}
                        />
                    </Pickable>
                );
            })}
        </>
    );
}
