import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../../lib/shopLength';
import { type Choices, type DrawnBasket, type SectionView } from '../types';
import { Dimension, Fill, Stroke, Text, ink } from './marks';
import { LEFT, WIDTH, type Scale, scaleOf } from './scale';

/** The display before its chambers is shown so deep from above, mm; the whole of it would leave no room for them. */
const STRIP = 90;

/** The sump from above, to the same scale: baffles by their distance from the inlet wall, trays with their openings, devices. */
export function Plan({
    view,
    toTheLeft,
    length,
}: {
    view: SectionView;
    toTheLeft: boolean;
    length: Choices['length'];
}) {
    // From above the chambers lie behind the display and not beside it.
    const { perMm, x, span } = scaleOf({ ...view, front: null }, toTheLeft);
    const { front, basket } = view;
    const ahead = front === null ? 0 : STRIP * perMm;
    const depth = view.widthMm * perMm;
    const mm = (value: number) => shopLength(value, length.unit);
    const foot = 12 + depth;
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="From above">
            <chakra.svg
                minW="600px"
                viewBox={`0 0 ${WIDTH} ${foot + ahead + 26 * (view.baffles.length + 1) + 14}`}
                width="100%"
                role="img"
                aria-label={front === null ? 'The sump from above, to scale' : 'The chambers from above, to scale'}
                fontSize="12px"
                fontFamily="figure"
            >
                <rect
                    x={LEFT}
                    y="12"
                    width={view.lengthMm * perMm}
                    height={depth}
                    fill={ink('water')}
                    stroke={ink('ink')}
                    strokeWidth={Math.max(2, view.wallMm * perMm)}
                />
                {front !== null && (
                    <g>
                        <rect x={LEFT} y={foot} width={view.lengthMm * perMm} height={ahead} fill={ink('water')} />
                        <Stroke
                            d={`M${LEFT} ${foot}v${ahead}M${LEFT + view.lengthMm * perMm} ${foot}v${ahead}`}
                            colour="ink"
                            width={Math.max(2, view.wallMm * perMm)}
                        />
                        <Stroke
                            d={`M${span(0, front.slotsMm).x} ${foot}h${front.slotsMm * perMm}`}
                            colour="paper"
                            width={Math.max(3, front.thicknessMm * perMm)}
                            dash="4 4"
                        />
                        <Text x={LEFT + (view.lengthMm * perMm) / 2} y={foot + ahead / 2 + 4} anchor="middle" quiet>
                            display
                        </Text>
                    </g>
                )}
                {front !== null && basket !== null && view.chambers[basket.chamber ?? -1] !== undefined && (
                    <rect
                        {...basketSpan(basket, view.chambers[basket.chamber ?? -1], span)}
                        y={foot - (view.widthMm / 2 + basket.outerWidthMm / 2) * perMm}
                        height={basket.outerWidthMm * perMm}
                        fill={ink('current')}
                        fillOpacity={0.5}
                        stroke={ink('ink')}
                    />
                )}
                {view.trays.map((tray) => (
                    <g key={tray.id}>
                        <rect
                            {...span(tray.fromMm, tray.toMm)}
                            y="12"
                            height={depth}
                            fill={ink('current')}
                            fillOpacity={tray.kind === 'tray' ? 0.7 : 0.3}
                            stroke={ink('deep')}
                            strokeDasharray={tray.kind === 'tray' ? undefined : '3 3'}
                        />
                        {[12, 12 + depth - tray.ledgeReachMm * perMm].map((top) => (
                            <rect
                                key={top}
                                {...span(tray.fromMm, tray.toMm)}
                                y={top}
                                height={Math.max(1.5, tray.ledgeReachMm * perMm)}
                                fill={ink('deep')}
                                fillOpacity="0.35"
                            >
                                <title>Ledge, glued by its wide face</title>
                            </rect>
                        ))}
                        {tray.openings.map((opening) => {
                            const at = span(opening.atMm, opening.atMm + opening.lengthMm);
                            const across = opening.widthMm * perMm;
                            // The front is below on the drawing.
                            const y = foot - (opening.acrossMm + opening.widthMm) * perMm;
                            return opening.isRound ? (
                                <circle
                                    key={opening.id}
                                    cx={at.x + at.width / 2}
                                    cy={y + across / 2}
                                    r={at.width / 2}
                                    fill={ink('paper')}
                                    stroke={ink('deep')}
                                />
                            ) : (
                                <rect
                                    key={opening.id}
                                    {...at}
                                    y={y}
                                    height={across}
                                    fill={ink('paper')}
                                    stroke={ink('deep')}
                                />
                            );
                        })}
                    </g>
                ))}
                {view.placed.map(
                    ({ id, place }) =>
                        place !== null && (
                            <rect
                                key={id}
                                {...span(place.atMm, place.atMm + place.lengthMm)}
                                y={foot - (place.acrossMm + place.widthMm) * perMm}
                                height={place.widthMm * perMm}
                                rx="3"
                                fill="none"
                                stroke={ink('ink')}
                                strokeWidth="1.2"
                            />
                        ),
                )}
                {view.baffles.map((baffle, i) => {
                    const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
                    return (
                        <g key={baffle.id}>
                            <Fill
                                {...at}
                                y={12}
                                width={Math.max(2, at.width)}
                                height={depth}
                                colour={baffle.gapMm > 0 ? 'current' : 'deep'}
                            />
                            <Dimension
                                from={x(0)}
                                to={x(baffle.atMm)}
                                at={foot + ahead + 14 + 26 * i}
                                text={mm(baffle.atMm)}
                            />
                        </g>
                    );
                })}
                <Dimension
                    from={x(0)}
                    to={x(view.lengthMm)}
                    at={foot + ahead + 14 + 26 * view.baffles.length}
                    text={mm(view.lengthMm)}
                />
                <Dimension from={12} to={foot} at={LEFT - 24} text={mm(view.widthMm)} upright />
            </chakra.svg>
        </Box>
    );
}

function basketSpan(basket: DrawnBasket, chamber: { fromMm: number; toMm: number } | undefined, span: Scale['span']) {
    const middle = ((chamber?.fromMm ?? 0) + (chamber?.toMm ?? 0)) / 2;
    return span(middle - basket.outerLengthMm / 2, middle + basket.outerLengthMm / 2);
}
