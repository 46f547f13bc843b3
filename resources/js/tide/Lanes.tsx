import { useToken } from '@chakra-ui/react';
import { max } from 'd3-array';
import { type ScaleTime } from 'd3-scale';
import { memo } from 'react';
import { figure } from '../lib/figures';
import { SvgText } from '../parts/SvgText';
import { type ChangeMark, type RateMark, type Sheet } from './types';

export const LANE_HEIGHT = 28;

export interface Lane {
    key: string;
    name: string;
    unit?: string;
    changes: ChangeMark[];
    rates?: RateMark[];
}

const MEDIA: Record<string, string> = {
    gfo: 'GFO',
    alumina: 'Alumina',
    'activated-carbon': 'Activated carbon',
    resin: 'Resin',
    zeolite: 'Zeolite',
};

const ORDER: [string, string, string?][] = [
    ['sock', 'Socks', 'soiling'],
    ['photoperiod', 'Refugium', 'h light'],
    ['skimmer', 'Skimmer'],
    ['dose', 'Organic carbon', 'mL'],
    ['feed', 'Feed', 'g'],
    ['water', 'Water', 'changes'],
    ['note', 'Notes'],
];

const RATE_UNITS: Record<string, string> = {
    sock: 'how often',
    dose: 'mL a day',
    feed: 'g a day',
    water: 'share a week',
};

/** The lanes a journal needs: one per lever that was ever used in it, media first after the socks. */
export function lanesOf({ changes, rates }: Sheet): Lane[] {
    const of = (kind: string) => changes.filter((change) => change.kind === kind);
    const media = Object.entries(MEDIA)
        .map(([medium, name]) => ({
            key: medium,
            name,
            changes: of('media').filter((change) => change.medium === medium),
        }))
        .filter((lane) => lane.changes.length > 0);
    const rest = ORDER.map(([kind, name, unit]) => ({
        key: kind,
        name,
        unit: rates[kind] ? RATE_UNITS[kind] : unit,
        changes: of(kind),
        rates: rates[kind],
    })).filter((lane) => lane.changes.length > 0 || lane.rates !== undefined);
    return [...rest.filter((lane) => lane.key === 'sock'), ...media, ...rest.filter((lane) => lane.key !== 'sock')];
}

interface Props {
    lane: Lane;
    x: ScaleTime<number, number>;
    end: number;
    picked: number | null;
    onPick: (id: number) => void;
}

/** One lever on the time axis. What each mark means is drawn by its kind; any mark of a lever can be picked. */
export const LaneMarks = memo(function LaneMarks(props: Props) {
    const { lane } = props;
    if (lane.rates !== undefined) {
        return <Rates rates={lane.rates} x={props.x} colour={lane.key === 'feed' ? 'nitrate' : 'deep'} />;
    }
    switch (lane.key) {
        case 'sock':
            return <Ticks {...props} height={(change) => 6 + 3.6 * (change.soiling ?? 2)} colour="deep" />;
        case 'feed':
        case 'dose': {
            const amount = (change: ChangeMark) => change.grams ?? change.millilitres ?? 0;
            const most = max(lane.changes, amount) ?? 1;
            return (
                <Ticks
                    {...props}
                    height={(change) => 3 + (19 * amount(change)) / most}
                    colour={lane.key === 'feed' ? 'nitrate' : 'kelp'}
                />
            );
        }
        case 'water':
            return <Drops {...props} />;
        case 'photoperiod':
            return (
                <Steps
                    {...props}
                    height={(change) => ((change.hours ?? 0) / 24) * 22}
                    label={(change) => figure(change.hours ?? 0)}
                />
            );
        case 'skimmer':
            return <OnOff {...props} />;
        case 'note':
            return <Ticks {...props} height={() => 10} colour="edge" />;
        default:
            return <Bars {...props} />;
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
            onClick={change.lever ? () => onPick(change.id) : undefined}
            style={{ cursor: change.lever ? 'pointer' : undefined }}
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
                    {figure(100 * (change.share ?? 0), 0)}%
                </SvgText>
            )}
        </Pickable>
    ));
}

/** From each charge to the next of the same medium: what was in the water when. */
function Bars({ lane, x, end, picked, onPick }: Props) {
    const [phosphate, quiet, ink] = useToken('colors', ['phosphate', 'quiet', 'ink']) as [string, string, string];
    const colour = lane.key === 'gfo' || lane.key === 'alumina' ? phosphate : quiet;
    return lane.changes.map((change, i) => {
        const from = x(change.t * 1000);
        const to = x((lane.changes[i + 1]?.t ?? end) * 1000);
        return (
            <Pickable key={change.id} change={change} onPick={onPick}>
                <rect
                    x={from}
                    y={6}
                    width={Math.max(3, to - from)}
                    height={LANE_HEIGHT - 12}
                    fill={colour}
                    fillOpacity="0.22"
                />
                <path
                    d={`M${from} 6V${LANE_HEIGHT - 6}`}
                    stroke={picked === change.id ? ink : colour}
                    strokeWidth={picked === change.id ? 4 : 2.5}
                />
                {to - from > 44 && (
                    <SvgText x={from + 7} y={LANE_HEIGHT / 2 + 4} halo>
                        {change.grams != null
                            ? `${figure(change.grams)} g`
                            : `${figure((change.litres ?? 0) * 1000, 0)} mL`}
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
    label,
}: Props & { height: (change: ChangeMark) => number; label: (change: ChangeMark) => string }) {
    const [kelp] = useToken('colors', ['kelp']) as [string];
    return lane.changes.map((change, i) => {
        const from = x(change.t * 1000);
        const to = x((lane.changes[i + 1]?.t ?? end) * 1000);
        const tall = Math.max(1.5, height(change));
        return (
            <Pickable key={change.id} change={change} onPick={onPick}>
                <rect
                    x={from}
                    y={LANE_HEIGHT - 4 - tall}
                    width={Math.max(2, to - from)}
                    height={tall}
                    fill={kelp}
                    fillOpacity="0.22"
                    stroke={kelp}
                    strokeWidth={picked === change.id ? 2.5 : 1}
                />
                <SvgText x={from + 4} y={Math.max(11, LANE_HEIGHT - 7 - tall)}>
                    {label(change)}
                </SvgText>
            </Pickable>
        );
    });
}

function OnOff({ lane, x, end, picked, onPick }: Props) {
    const [deep, ink] = useToken('colors', ['deep', 'ink']) as [string, string];
    const start = x.range()[0] ?? 0;
    const first = lane.changes[0];
    return (
        <>
            {first?.on === false && (
                <rect
                    x={start}
                    y={LANE_HEIGHT / 2 - 2}
                    width={Math.max(0, x(first.t * 1000) - start)}
                    height={4}
                    fill={deep}
                />
            )}
            {lane.changes.map((change, i) => {
                const from = x(change.t * 1000);
                const next = lane.changes[i + 1]?.t ?? end;
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
                        {change.on === true ? (
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
        </>
    );
}
