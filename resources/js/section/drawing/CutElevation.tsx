import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../../lib/shopLength';
import { type Choices, type SectionView } from '../types';
import { type Label, type LabelBox, LETTER, settle } from './labels';
import { Dimension, Fill, Stroke, Text } from './marks';
import { LEFT, WIDTH } from './scale';

const TALL = 330;

/** Where the sheets are set, from the front and without water: the heights of their edges, gaps and ledges over the floor. */
export function CutElevation({
    view,
    toTheLeft,
    length,
}: {
    view: SectionView;
    toTheLeft: boolean;
    length: Choices['length'];
}) {
    // Without the words beside it there is room to draw it larger than on the stage.
    const perMm = Math.min((WIDTH - LEFT - 24) / (view.lengthMm + 2 * view.wallMm), TALL / view.heightMm);
    const x = (value: number) => LEFT + (toTheLeft ? view.lengthMm - value : value) * perMm;
    const span = (from: number, to: number) => ({
        x: Math.min(x(from), x(to)),
        width: Math.abs(x(to) - x(from)),
    });
    const top = 34;
    const y = (mm: number) => top + (view.heightMm - mm) * perMm;
    const mm = (value: number) => shopLength(value, length.unit);
    const box = span(0, view.lengthMm);
    const labels: Label[] = [
        ...view.baffles.flatMap((baffle): Label[] => {
            const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
            const middle = at.x + at.width / 2;
            const own: Label = {
                key: `edge ${baffle.id}`,
                text: mm(baffle.edgeMm),
                x: middle,
                y: y(baffle.edgeMm) - 6,
                anchor: 'middle',
                elsewhere: [
                    [22, 0],
                    [-22, 0],
                    [0, -15],
                    [44, 0],
                ],
            };
            return baffle.gapMm > 0
                ? [
                      own,
                      {
                          key: `gap ${baffle.id}`,
                          text: `gap ${mm(baffle.gapMm)}`,
                          x: middle,
                          y: y(baffle.gapMm / 2) + 4,
                          anchor: 'middle',
                          elsewhere: [
                              [0, 26],
                              [(mm(baffle.gapMm).length + 5) * LETTER, 0],
                          ],
                      },
                  ]
                : baffle.edgeMm > baffle.topMm
                  ? [
                        own,
                        {
                            key: `foot ${baffle.id}`,
                            text: `slots from ${mm(baffle.topMm)}`,
                            x: middle + 8,
                            y: y(baffle.topMm) + 14,
                            anchor: 'start',
                            elsewhere: [
                                [0, 20],
                                [-24 - 15 * LETTER, 0],
                                [-24 - 15 * LETTER, 24],
                                [-24 - 15 * LETTER, 60],
                            ],
                        },
                    ]
                  : [own];
        }),
        ...view.trays.map((tray): Label => {
            const at = span(tray.fromMm, tray.toMm);
            return {
                key: `ledge ${tray.id}`,
                text: `ledge ${mm(tray.topMm - tray.thicknessMm)}, top ${mm(tray.topMm)}`,
                x: at.x + 6,
                y: y(tray.topMm) - 6,
                anchor: 'start',
                elsewhere: [
                    [0, 26],
                    [0, 42],
                    [0, -16],
                ],
            };
        }),
    ];
    const lines: LabelBox[] = [
        ...view.baffles.map((baffle) => {
            const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
            return { left: at.x, right: at.x + Math.max(3, at.width), top: y(baffle.edgeMm), bottom: y(baffle.gapMm) };
        }),
        ...view.trays.map((tray) => {
            const at = span(tray.fromMm, tray.toMm);
            return { left: at.x, right: at.x + at.width, top: y(tray.topMm), bottom: y(tray.topMm - tray.thicknessMm) };
        }),
    ];
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="Heights of the sheets">
            <chakra.svg
                minW="600px"
                viewBox={`0 0 ${WIDTH} ${y(0) + 26 * (view.baffles.length + 1) + 20}`}
                width="100%"
                role="img"
                aria-label="The sheets from the front, to scale, with their heights over the floor"
                fontSize="12px"
                fontFamily="figure"
            >
                <Stroke
                    d={`M${box.x} ${top}V${y(0)}H${box.x + box.width}V${top}`}
                    colour="ink"
                    width={Math.max(3, view.wallMm * perMm)}
                />
                {view.trays.map((tray) => (
                    <Fill
                        key={`${tray.id} ledge`}
                        {...span(tray.fromMm, tray.toMm)}
                        y={y(tray.topMm - tray.thicknessMm)}
                        height={Math.max(2, tray.ledgeWidthMm * perMm)}
                        colour="waterDeep"
                    />
                ))}
                {view.trays.map((tray) => (
                    <Fill
                        key={tray.id}
                        {...span(tray.fromMm, tray.toMm)}
                        y={y(tray.topMm)}
                        height={Math.max(3, tray.thicknessMm * perMm)}
                        colour="current"
                    />
                ))}
                {view.baffles.map((baffle, i) => {
                    const at = span(baffle.atMm, baffle.atMm + baffle.thicknessMm);
                    return (
                        <g key={baffle.id}>
                            <Fill
                                x={at.x}
                                width={Math.max(3, at.width)}
                                y={y(baffle.edgeMm)}
                                height={Math.max(0, baffle.edgeMm - baffle.gapMm) * perMm}
                                colour="deep"
                            />
                            <Dimension
                                from={span(0, 0).x}
                                to={span(baffle.atMm, baffle.atMm).x}
                                at={y(0) + 14 + 26 * i}
                                text={mm(baffle.atMm)}
                            />
                        </g>
                    );
                })}
                {settle(labels, lines).map((label) => (
                    <Text key={label.key} x={label.x} y={label.y} anchor={label.anchor} halo>
                        {label.text}
                    </Text>
                ))}
                <Dimension
                    from={box.x}
                    to={box.x + box.width}
                    at={y(0) + 14 + 26 * view.baffles.length}
                    text={mm(view.lengthMm)}
                />
                <Dimension from={top} to={y(0)} at={LEFT - 24} text={mm(view.heightMm)} upright />
            </chakra.svg>
        </Box>
    );
}
