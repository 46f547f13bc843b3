import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../../lib/shopLength';
import { type Choices, type SectionView } from '../types';
import { Dimension, Fill, ink } from './marks';
import { LEFT, WIDTH, scaleOf } from './scale';

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
    const { perMm, x, span } = scaleOf(view, toTheLeft);
    const depth = view.widthMm * perMm;
    const mm = (value: number) => shopLength(value, length.unit);
    const foot = 12 + depth;
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="From above">
            <chakra.svg
                minW="600px"
                viewBox={`0 0 ${WIDTH} ${foot + 26 * (view.baffles.length + 1) + 14}`}
                width="100%"
                role="img"
                aria-label="The sump from above, to scale"
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
                            <Dimension from={x(0)} to={x(baffle.atMm)} at={foot + 14 + 26 * i} text={mm(baffle.atMm)} />
                        </g>
                    );
                })}
                <Dimension
                    from={x(0)}
                    to={x(view.lengthMm)}
                    at={foot + 14 + 26 * view.baffles.length}
                    text={mm(view.lengthMm)}
                />
                <Dimension from={12} to={foot} at={LEFT - 24} text={mm(view.widthMm)} upright />
            </chakra.svg>
        </Box>
    );
}
