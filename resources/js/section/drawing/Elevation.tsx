import { Box, chakra } from '@chakra-ui/react';
import { type PointerEvent, useRef, useState } from 'react';
import { type Finding } from '../../lib/page';
import { shopLength } from '../../lib/shopLength';
import { SEVERITY } from '../../parts/severity';
import { type Choices, type SectionView, type StateName } from '../types';
import { Basket } from './Basket';
import { Device } from './Device';
import { Display } from './Display';
import { Handle } from './Handle';
import { Dimension, Fill, Stroke, ink } from './marks';
import { Labels } from './Labels';
import { pinPlace } from './pinPlace';
import { PowerCutLine } from './PowerCutLine';
import { LEFT, WIDTH, frontMm, scaleOf, tallestMm } from './scale';
import { Tray } from './Tray';

interface Props {
    view: SectionView;
    state: StateName;
    length: Choices['length'];
    toTheLeft: boolean;
    pins: Map<Finding, number>;
    picked: string | null;
    onPick: (id: string) => void;
    /** Moves a baffle or tray along by mm, or up. */
    onNudge: (id: string, alongMm: number, upMm: number) => void;
    /** Sets the place of a baffle or the top of a tray; where a drag goes on, without a step of its own for the undo. */
    onPlace: (id: string, axis: 'along' | 'up', mm: number, goesOn: boolean) => void;
    /** Says when a drag begins and when it is over. */
    onHold: (holding: boolean) => void;
    /** A chamber that is looked at closely; null for the whole sump. */
    zoom: number | null;
}

/** What is being dragged: it follows the pointer at once, the water when the core has answered. */
interface Held {
    id: string;
    axis: 'along' | 'up';
    /** Where the pointer took it, and how far it has been moved since, mm. */
    from: number;
    moved: number;
    /** Whether the drag has begun a step of the undo. */
    told: boolean;
    /** Once let go, the view that was there: the next one has it in its place. */
    until: SectionView | null;
}

/** Room below the floor, for three rows of figures and one that gives way. */
const FOOT = 84;
/** While a drag goes on, the core is asked no more often than this, ms. */
const TELL = 80;

/** The sump from the front, to scale, with its water in one state. */
export function Elevation({
    view,
    state,
    length,
    toTheLeft,
    pins,
    picked,
    onPick,
    onNudge,
    onPlace,
    onHold,
    zoom,
}: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const [held, setHeld] = useState<Held | null>(null);
    const scale = scaleOf(view, toTheLeft, zoom);
    const { perMm, x, span } = scale;
    const top = 20 + (tallestMm(view, zoom) - view.heightMm) * perMm;
    const height = top + (view.heightMm + view.wallMm) * perMm + FOOT;
    const y = (mm: number) => top + (view.heightMm - mm) * perMm;
    const floor = y(0);
    const mm = (value: number) => shopLength(value, length.unit);
    const whole = span(-frontMm(view), view.lengthMm);
    const levels = view.states[state].levels;
    /** The level in a chamber as far as the drawing goes. */
    const shown = (i: number) => Math.min(Math.max(0, levels[i] ?? 0), view.heightMm);

    /** How far the pointer has taken a part beyond where the view has it. */
    const beyond = (id: string, axis: Held['axis'], drawn: number) =>
        held !== null && held.id === id && held.axis === axis && (held.until === null || held.until === view)
            ? held.from + held.moved - drawn
            : 0;
    const pointerMm = (clientX: number, clientY: number, axis: Held['axis']) => {
        const box = svg.current?.getBoundingClientRect();
        const perPixel = box === undefined || box.width === 0 ? 0 : WIDTH / box.width / perMm;
        return axis === 'up' ? -clientY * perPixel : clientX * perPixel * (toTheLeft ? -1 : 1);
    };
    const start = useRef(0);
    const lastTold = useRef(0);
    const grab = (id: string, axis: Held['axis'], drawn: number) => (clientX: number, clientY: number) => {
        start.current = pointerMm(clientX, clientY, axis);
        setHeld({ id, axis, from: drawn, moved: 0, told: false, until: null });
        onHold(true);
    };
    // The first move of a drag is a step of the undo; those after it belong to the same step. Each says the whole place, so that none is
    // lost where one comes before the last is drawn.
    const tell = ({ id, axis, from, moved, told }: Held) => onPlace(id, axis, from + moved, told);
    const drag = (event: PointerEvent) => {
        if (held === null || held.until !== null) {
            return;
        }
        const [step] = length.steps;
        const moved = Math.round((pointerMm(event.clientX, event.clientY, held.axis) - start.current) / step) * step;
        if (moved === held.moved) {
            return;
        }
        const now = { ...held, moved };
        if (event.timeStamp - lastTold.current >= TELL) {
            lastTold.current = event.timeStamp;
            tell(now);
            setHeld({ ...now, told: true });
        } else {
            setHeld(now);
        }
    };
    const drop = () => {
        if (held === null || held.until !== null) {
            return;
        }
        onHold(false);
        const moved = held.moved !== 0 || held.told;
        if (moved) {
            tell(held);
        }
        setHeld(moved ? { ...held, told: true, until: view } : null);
    };

    return (
        <Box overflowX="auto">
            <chakra.svg
                ref={svg}
                viewBox={`0 0 ${WIDTH} ${height}`}
                width={{ base: 'auto', md: '100%' }}
                height={{ base: '200px', md: 'auto' }}
                maxW="none"
                display="block"
                role="group"
                aria-label={
                    view.front === null ? 'The sump from the front, to scale' : 'Display and chambers, to scale'
                }
                fontSize="12px"
                fontFamily="figure"
                onPointerMove={drag}
                onPointerUp={drop}
                onPointerCancel={drop}
            >
                {view.chambers.map((chamber, i) => (
                    <Fill
                        key={i}
                        {...span(chamber.fromMm, chamber.toMm)}
                        y={y(shown(i))}
                        height={shown(i) * perMm}
                        colour="water"
                    />
                ))}
                {view.baffles.map((baffle, i) => {
                    const over = Math.min(shown(i), shown(i + 1));
                    const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
                    return (
                        <g key={baffle.id}>
                            <Fill
                                {...at}
                                y={y(over)}
                                height={Math.max(0, over - baffle.topMm) * perMm}
                                colour="water"
                            />
                            <Fill
                                {...at}
                                y={y(Math.min(over, baffle.gapMm))}
                                height={Math.min(over, baffle.gapMm) * perMm}
                                colour="water"
                            />
                        </g>
                    );
                })}
                {view.chambers.map((chamber, i) => {
                    const at = span(chamber.fromMm, chamber.toMm);
                    return (
                        <g key={i}>
                            <Stroke d={`M${at.x} ${y(shown(i))}h${at.width}`} colour="deep" width={1.8} />
                            <Stroke
                                d={`M${at.x} ${floor + 16}h${at.width}M${at.x} ${floor + 12}v8M${at.x + at.width} ${floor + 12}v8`}
                                colour="edge"
                                width={1}
                            />
                        </g>
                    );
                })}
                {view.front !== null && (
                    <Display
                        front={view.front}
                        levelMm={view.states[state].displayMm}
                        heightMm={view.heightMm}
                        lengthMm={view.lengthMm}
                        picked={picked === '#rear'}
                        span={span}
                        y={y}
                        onPick={() => onPick('#rear')}
                    />
                )}
                {view.front !== null && view.basket !== null && (
                    <Basket
                        basket={view.basket}
                        chamber={view.chambers[view.basket.chamber ?? -1]}
                        picked={picked === '#basket'}
                        span={span}
                        y={y}
                        onPick={() => onPick('#basket')}
                    />
                )}
                <Stroke
                    d={`M${whole.x - (view.wallMm * perMm) / 2} ${top}V${floor + (view.wallMm * perMm) / 2}H${whole.x + whole.width + (view.wallMm * perMm) / 2}V${top}`}
                    colour="ink"
                    width={Math.max(3, view.wallMm * perMm)}
                />
                {view.placed.map(
                    (device) =>
                        device.place !== null && (
                            <Handle
                                key={device.id}
                                id={device.id}
                                kind="device"
                                label={device.name}
                                steps={length.steps}
                                mirrored={toTheLeft}
                                onPick={() => onPick(device.id)}
                                onNudge={(_, upMm) => onNudge(device.id, 0, upMm)}
                            >
                                <Device
                                    device={device}
                                    picked={picked === device.id}
                                    {...span(device.place.atMm, device.place.atMm + device.place.lengthMm)}
                                    perMm={perMm}
                                    y={y}
                                />
                            </Handle>
                        ),
                )}
                {view.trays.map((tray) => {
                    const by = beyond(tray.id, 'up', tray.topMm);
                    const at = span(tray.fromMm, tray.toMm);
                    return (
                        <Handle
                            key={tray.id}
                            id={tray.id}
                            label={`${tray.label} at ${mm(tray.topMm)} ${length.unit}`}
                            kind="tray"
                            steps={length.steps}
                            mirrored={toTheLeft}
                            onPick={() => onPick(tray.id)}
                            onNudge={(_, upMm) => onNudge(tray.id, 0, upMm)}
                            onGrab={grab(tray.id, 'up', tray.topMm)}
                        >
                            <Tray tray={tray} topMm={tray.topMm + by} picked={picked === tray.id} scale={scale} y={y} />
                            <rect {...at} y={y(tray.topMm + by) - 8} height={24} fill="transparent" />
                        </Handle>
                    );
                })}
                {view.baffles.map((baffle) => {
                    const from = baffle.atMm + beyond(baffle.id, 'along', baffle.atMm);
                    const at = span(from, from + baffle.thicknessMm);
                    const tall = Math.max(0, baffle.topMm - baffle.gapMm) * perMm;
                    return (
                        <Handle
                            key={baffle.id}
                            id={baffle.id}
                            label={`${baffle.label} at ${mm(baffle.atMm)}, ${baffle.edgeMm > baffle.topMm ? `water over ${mm(baffle.topMm)}, teeth to ${mm(baffle.edgeMm)}` : `top ${mm(baffle.topMm)}`}${baffle.gapMm > 0 ? `, gap ${mm(baffle.gapMm)}` : ''} ${length.unit}`}
                            kind="baffle"
                            steps={length.steps}
                            mirrored={toTheLeft}
                            onPick={() => onPick(baffle.id)}
                            onNudge={(alongMm, upMm) => onNudge(baffle.id, alongMm, upMm)}
                            onGrab={grab(baffle.id, 'along', baffle.atMm)}
                        >
                            <rect
                                x={at.x - 8}
                                y={y(baffle.topMm)}
                                width={at.width + 16}
                                height={tall}
                                fill="transparent"
                            />
                            <Fill
                                x={at.x}
                                y={y(baffle.topMm)}
                                width={Math.max(3, at.width)}
                                height={tall}
                                colour={picked === baffle.id ? 'kelp' : 'deep'}
                            />
                            {baffle.edgeMm > baffle.topMm && (
                                // The teeth of a comb: the water goes over between them.
                                <rect
                                    x={at.x + 0.75}
                                    y={y(baffle.edgeMm)}
                                    width={Math.max(3, at.width) - 1.5}
                                    height={(baffle.edgeMm - baffle.topMm) * perMm}
                                    fill="none"
                                    stroke={ink(picked === baffle.id ? 'kelp' : 'deep')}
                                    strokeWidth="1.5"
                                    strokeDasharray="2 2"
                                />
                            )}
                        </Handle>
                    );
                })}
                {/* Words, lines and pins lie over the parts and let the pointer through to them. */}
                <g style={{ pointerEvents: 'none' }}>
                    <Labels view={view} state={state} unit={length.unit} toTheLeft={toTheLeft} zoom={zoom} top={top} />
                    {state !== 'powerCut' && zoom === null && <PowerCutLine view={view} scale={scale} y={y} mm={mm} />}
                    <Dimension from={top} to={floor} at={LEFT - 24} text={mm(view.heightMm)} upright />
                    {[...pins].map(([finding, number]) => {
                        const at = pinPlace(finding, view);
                        return (
                            at !== null && (
                                <g key={number}>
                                    <circle
                                        cx={x(at.x)}
                                        cy={y(at.y)}
                                        r="9"
                                        fill={ink(SEVERITY[finding.severity].colour)}
                                    />
                                    <text
                                        x={x(at.x)}
                                        y={y(at.y) + 4}
                                        textAnchor="middle"
                                        fill={ink('paper')}
                                        fontWeight="700"
                                    >
                                        {number}
                                    </text>
                                </g>
                            )
                        );
                    })}
                </g>
            </chakra.svg>
        </Box>
    );
}
