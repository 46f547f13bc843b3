import { Box, chakra } from '@chakra-ui/react';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useUnits } from '../lib/figures';
import { type Finding } from '../lib/page';
import { SEVERITY } from '../parts/severity';
import { type Choices, type DrawnBaffle, type SectionView, type StateName } from './types';

interface Props {
    view: SectionView;
    state: StateName;
    length: Choices['length'];
    toTheLeft: boolean;
    pins: Map<Finding, number>;
    picked: string | null;
    onPick: (id: string) => void;
    /** Moves a baffle along by mm, or its top up; where a drag goes on, without a step of its own for the undo. */
    onMove: (id: string, alongMm: number, upMm: number, goesOn: boolean) => void;
}

const LEFT = 64;
const FOOT = 62;
const WIDTH = 900;

/** The sump from the front, to scale, with its water in one state. A baffle is dragged, or picked and nudged by the arrow keys. */
export function Elevation({ view, state, length, toTheLeft, pins, picked, onPick, onMove }: Props) {
    const { show } = useUnits();
    const svg = useRef<SVGSVGElement>(null);
    const [grabbed, setGrabbed] = useState<{ id: string; x: number; moved: boolean } | null>(null);
    // What stands out over the rim, such as the cup of a skimmer, is shown too.
    const tallest = Math.max(view.heightMm, ...view.placed.map((device) => device.standMm + device.heightMm));
    const scale = Math.min((WIDTH - LEFT - 24) / (view.lengthMm + 2 * view.wallMm), 360 / tallest);
    const top = 20 + (tallest - view.heightMm) * scale;
    const height = top + (view.heightMm + view.wallMm) * scale + FOOT;
    const x = (mm: number) => LEFT + (toTheLeft ? view.lengthMm - mm : mm) * scale;
    const y = (mm: number) => top + (view.heightMm - mm) * scale;
    const floor = y(0);
    const mm = (value: number) =>
        length.factor === 1
            ? String(Math.round(value))
            : (value / length.factor).toLocaleString('en', { maximumFractionDigits: 2 });
    const levels = view.states[state].levels;
    const cut = Math.max(...view.states.powerCut.levels);
    /** The level in a chamber as far as the drawing goes. */
    const shown = (i: number) => Math.min(Math.max(0, levels[i] ?? 0), view.heightMm);

    // The word on the power cut stands beside the sump where there is room, so that no baffle runs through it.
    const right = LEFT + view.lengthMm * scale;
    const beside = WIDTH - right > 140;
    const left = cut > view.heightMm ? 'over the rim' : `${mm(view.water.marginMm)} to the rim`;

    const key = (event: KeyboardEvent, baffle: DrawnBaffle) => {
        const step = event.shiftKey ? 10 : 1;
        const along = toTheLeft ? -step : step;
        const moves: Record<string, [number, number]> = {
            ArrowRight: [along, 0],
            ArrowLeft: [-along, 0],
            ArrowUp: [0, step],
            ArrowDown: [0, -step],
        };
        const move = moves[event.key];
        if (move !== undefined) {
            event.preventDefault();
            onMove(baffle.id, move[0], move[1], false);
        }
    };
    const pointerMm = (event: PointerEvent) => {
        const box = svg.current?.getBoundingClientRect();
        return box === undefined || box.width === 0
            ? 0
            : ((event.clientX * WIDTH) / box.width / scale) * (toTheLeft ? -1 : 1);
    };
    const drag = (event: PointerEvent) => {
        const along = grabbed === null ? 0 : Math.round(pointerMm(event) - grabbed.x);
        if (grabbed !== null && along !== 0) {
            // The first move of a drag is a step of the undo; those after it belong to the same step.
            setGrabbed({ ...grabbed, x: grabbed.x + along, moved: true });
            onMove(grabbed.id, along, 0, grabbed.moved);
        }
    };

    return (
        <Box overflowX="auto">
            <chakra.svg
                ref={svg}
                minW="600px"
                viewBox={`0 0 ${WIDTH} ${height}`}
                width="100%"
                role="group"
                aria-label="The sump from the front, to scale"
                fontSize="12px"
                fontFamily="figure"
                onPointerMove={drag}
                onPointerUp={() => setGrabbed(null)}
            >
                {view.chambers.map((chamber, i) => (
                    <Fill
                        key={i}
                        x={Math.min(x(chamber.fromMm), x(chamber.toMm))}
                        y={y(shown(i))}
                        width={Math.abs(x(chamber.toMm) - x(chamber.fromMm))}
                        height={shown(i) * scale}
                        colour="water"
                    />
                ))}
                {view.baffles.map((baffle, i) => {
                    const over = Math.min(shown(i), shown(i + 1));
                    return (
                        <g key={baffle.id}>
                            <Fill
                                x={Math.min(x(baffle.atMm), x(baffle.atMm + baffle.thicknessMm))}
                                y={y(over)}
                                width={baffle.thicknessMm * scale}
                                height={Math.max(0, over - baffle.topMm) * scale}
                                colour="water"
                            />
                            <Fill
                                x={Math.min(x(baffle.atMm), x(baffle.atMm + baffle.thicknessMm))}
                                y={y(Math.min(over, baffle.gapMm))}
                                width={baffle.thicknessMm * scale}
                                height={Math.min(over, baffle.gapMm) * scale}
                                colour="water"
                            />
                        </g>
                    );
                })}
                {view.placed.map((device) => {
                    const chamber = view.chambers[device.chamber];
                    if (chamber === undefined) {
                        return null;
                    }
                    const middle = (x(chamber.fromMm) + x(chamber.toMm)) / 2;
                    const width = device.lengthMm * scale;
                    const most = device.depthHighMm ?? device.depthLowMm ?? 0;
                    return (
                        <g key={device.id} role="img" aria-label={device.name}>
                            {device.depthLowMm !== undefined && device.kind !== 'heater' && (
                                <Fill
                                    x={middle - width / 2 - 5}
                                    y={y(device.standMm + most)}
                                    width={width + 10}
                                    height={Math.max(2, (most - device.depthLowMm) * scale)}
                                    colour="current"
                                />
                            )}
                            <chakra.rect
                                x={middle - width / 2}
                                y={y(device.standMm + device.heightMm)}
                                width={width}
                                height={device.heightMm * scale}
                                rx="3"
                                fill="none"
                                stroke="ink"
                                strokeWidth="1.4"
                            />
                            <Text x={middle} y={y(device.standMm + device.heightMm / 2) + 4} anchor="middle">
                                {device.name}
                            </Text>
                        </g>
                    );
                })}
                {view.chambers.map((chamber, i) => {
                    const from = Math.min(x(chamber.fromMm), x(chamber.toMm));
                    const width = Math.abs(x(chamber.toMm) - x(chamber.fromMm));
                    const level = levels[i] ?? 0;
                    return (
                        <g key={i}>
                            <Stroke d={`M${from} ${y(shown(i))}h${width}`} colour="deep" width={1.8} />
                            <Stroke
                                d={`M${from} ${floor + 18}h${width}M${from} ${floor + 14}v8M${from + width} ${floor + 14}v8`}
                                colour="edge"
                                width={1}
                            />
                            <Text x={from + width / 2} y={floor + 34} anchor="middle">
                                {mm(chamber.toMm - chamber.fromMm)}
                            </Text>
                            <Text x={from + width / 2} y={floor + 50} anchor="middle" quiet>
                                {width > 44 ? show(view.states[state].chamberLitres[i] ?? 0, 'volume') : ''}
                            </Text>
                            <Text x={from + 6} y={y(shown(i)) - 5} anchor="start" quiet>
                                {width > 60 ? mm(level) : ''}
                            </Text>
                        </g>
                    );
                })}
                <Stroke
                    d={`M${LEFT - (view.wallMm * scale) / 2} ${top}V${floor + (view.wallMm * scale) / 2}H${LEFT + (view.lengthMm + view.wallMm / 2) * scale}V${top}`}
                    colour="ink"
                    width={Math.max(3, view.wallMm * scale)}
                />
                {view.baffles.map((baffle) => (
                    <chakra.g
                        key={baffle.id}
                        role="button"
                        tabIndex={0}
                        aria-label={`${baffle.label} at ${mm(baffle.atMm)}, top ${mm(baffle.topMm)}${baffle.gapMm > 0 ? `, gap ${mm(baffle.gapMm)}` : ''} ${length.unit}`}
                        data-baffle={baffle.id}
                        cursor="ew-resize"
                        css={{ touchAction: 'none' }}
                        onFocus={() => onPick(baffle.id)}
                        onKeyDown={(event) => key(event, baffle)}
                        onPointerDown={(event) => {
                            event.currentTarget.setPointerCapture(event.pointerId);
                            event.currentTarget.focus();
                            setGrabbed({ id: baffle.id, x: pointerMm(event), moved: false });
                        }}
                    >
                        <rect
                            x={Math.min(x(baffle.atMm), x(baffle.atMm + baffle.thicknessMm)) - 8}
                            y={y(baffle.topMm)}
                            width={baffle.thicknessMm * scale + 16}
                            height={Math.max(0, baffle.topMm - baffle.gapMm) * scale}
                            fill="transparent"
                        />
                        <Fill
                            x={Math.min(x(baffle.atMm), x(baffle.atMm + baffle.thicknessMm))}
                            y={y(baffle.topMm)}
                            width={Math.max(3, baffle.thicknessMm * scale)}
                            height={Math.max(0, baffle.topMm - baffle.gapMm) * scale}
                            colour={picked === baffle.id ? 'kelp' : 'deep'}
                        />
                        <Text x={x(baffle.atMm + baffle.thicknessMm / 2)} y={y(baffle.topMm) - 16} anchor="middle">
                            {mm(baffle.topMm)}
                        </Text>
                    </chakra.g>
                ))}
                {state !== 'powerCut' && (
                    <>
                        {cut <= view.heightMm && (
                            <Stroke
                                d={`M${LEFT} ${y(cut)}h${view.lengthMm * scale}`}
                                colour="fault"
                                width={1.2}
                                dash="5 4"
                            />
                        )}
                        <Text
                            x={beside ? right + 14 : right - 6}
                            y={y(Math.min(cut, view.heightMm)) + (beside ? -3 : -6)}
                            anchor={beside ? 'start' : 'end'}
                            fault
                        >
                            {beside ? `power cut ${mm(cut)}` : `power cut ${mm(cut)}, ${left}`}
                        </Text>
                        {beside && (
                            <Text x={right + 14} y={y(Math.min(cut, view.heightMm)) + 12} anchor="start" fault>
                                {left}
                            </Text>
                        )}
                    </>
                )}
                <Stroke
                    d={`M${LEFT - 24} ${top}V${floor}M${LEFT - 30} ${top}h12M${LEFT - 30} ${floor}h12`}
                    colour="edge"
                    width={1}
                />
                <Text x={LEFT - 34} y={(top + floor) / 2} anchor="end">
                    {mm(view.heightMm)}
                </Text>
                {[...pins].map(([finding, number]) => {
                    const at = pinPlace(finding, view);
                    return at === null ? null : (
                        <g key={number}>
                            <chakra.circle cx={x(at.x)} cy={y(at.y)} r="9" fill={SEVERITY[finding.severity].colour} />
                            <chakra.text x={x(at.x)} y={y(at.y) + 4} textAnchor="middle" fill="paper" fontWeight="700">
                                {number}
                            </chakra.text>
                        </g>
                    );
                })}
            </chakra.svg>
        </Box>
    );
}

/** Where a finding belongs on the drawing; null for one about the whole. */
function pinPlace(finding: Finding, view: SectionView): { x: number; y: number } | null {
    const baffle = view.baffles.find((one) => one.id === finding.at);
    if (baffle !== undefined) {
        return { x: baffle.atMm + baffle.thicknessMm / 2, y: baffle.gapMm + (baffle.topMm - baffle.gapMm) / 2 };
    }
    const device = view.placed.find((one) => one.id === finding.at);
    const chamber = device === undefined ? undefined : view.chambers[device.chamber];
    return device === undefined || chamber === undefined
        ? null
        : { x: (chamber.fromMm + chamber.toMm - device.lengthMm) / 2, y: device.standMm + device.heightMm };
}

function Fill({ colour, ...box }: { x: number; y: number; width: number; height: number; colour: string }) {
    return <chakra.rect {...box} fill={colour} />;
}

function Stroke({ d, colour, width, dash }: { d: string; colour: string; width: number; dash?: string }) {
    return <chakra.path d={d} fill="none" stroke={colour} strokeWidth={width} strokeDasharray={dash} />;
}

function Text({
    x,
    y,
    anchor,
    quiet = false,
    fault = false,
    children,
}: {
    x: number;
    y: number;
    anchor: 'start' | 'middle' | 'end';
    quiet?: boolean;
    fault?: boolean;
    children: string;
}) {
    return (
        <chakra.text x={x} y={y} textAnchor={anchor} fill={fault ? 'fault' : quiet ? 'quiet' : 'ink'}>
            {children}
        </chakra.text>
    );
}

/** The sump from above, to the same scale along. */
export function Plan({ view, toTheLeft }: Pick<Props, 'view' | 'toTheLeft'>) {
    const scale = Math.min((WIDTH - LEFT - 24) / (view.lengthMm + 2 * view.wallMm), 330 / view.heightMm);
    const x = (mm: number) => LEFT + (toTheLeft ? view.lengthMm - mm : mm) * scale;
    const depth = view.widthMm * scale;
    return (
        <Box asChild>
            <chakra.svg
                viewBox={`0 0 ${WIDTH} ${depth + 24}`}
                width="100%"
                role="img"
                aria-label="The sump from above, to scale"
                fontSize="12px"
            >
                <chakra.rect
                    x={LEFT}
                    y="12"
                    width={view.lengthMm * scale}
                    height={depth}
                    fill="water"
                    stroke="ink"
                    strokeWidth={Math.max(2, view.wallMm * scale)}
                />
                {view.placed.map((device) => {
                    const chamber = view.chambers[device.chamber];
                    if (chamber === undefined) {
                        return null;
                    }
                    const middle = (x(chamber.fromMm) + x(chamber.toMm)) / 2;
                    return (
                        <chakra.rect
                            key={device.id}
                            x={middle - (device.lengthMm * scale) / 2}
                            y={12 + (depth - device.widthMm * scale) / 2}
                            width={device.lengthMm * scale}
                            height={device.widthMm * scale}
                            rx="3"
                            fill="none"
                            stroke="ink"
                            strokeWidth="1.2"
                        />
                    );
                })}
                {view.baffles.map((baffle) => (
                    <chakra.rect
                        key={baffle.id}
                        x={Math.min(x(baffle.atMm), x(baffle.atMm + baffle.thicknessMm))}
                        y="12"
                        width={Math.max(2, baffle.thicknessMm * scale)}
                        height={depth}
                        fill={baffle.gapMm > 0 ? 'current' : 'deep'}
                    />
                ))}
            </chakra.svg>
        </Box>
    );
}
