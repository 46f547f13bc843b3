import { Box, chakra } from '@chakra-ui/react';
import { shopLength } from '../../lib/shopLength';
import { type Choices, type StockUse } from '../types';
import { ink } from './marks';

const WIDTH = 420;

/** One stock sheet with the pieces as they lie on it, to scale. */
export function StockSheet({
    use,
    sheet,
    length,
}: {
    use: StockUse;
    sheet: StockUse['sheets'][number];
    length: Choices['length'];
}) {
    const perMm = (WIDTH - 2) / use.lengthMm;
    const height = use.widthMm * perMm + 2;
    const y = (mm: number) => height - 1 - mm * perMm;
    const mm = (value: number) => shopLength(value, length.unit);
    return (
        <Box minW="0">
            <chakra.svg
                viewBox={`0 0 ${WIDTH} ${height}`}
                width="100%"
                maxW={`${WIDTH}px`}
                role="img"
                aria-label={`${use.label}: ${sheet.length} ${sheet.length === 1 ? 'piece' : 'pieces'} on a sheet of ${mm(use.lengthMm)} by ${mm(use.widthMm)} ${length.unit}`}
                fontSize="11px"
                fontFamily="figure"
            >
                <rect x="1" y="1" width={WIDTH - 2} height={height - 2} fill="none" stroke={ink('edge')} />
                {sheet.map((nest, i) => {
                    const panel = use.shapes[nest.shape];
                    const x = 1 + nest.xMm * perMm;
                    const width = nest.lengthMm * perMm;
                    const roomy = width > 70 && nest.widthMm * perMm > 18;
                    return (
                        <g key={i}>
                            <polygon
                                points={(panel?.outline ?? [])
                                    .map(([px, py]) => `${x + px * perMm},${y(nest.yMm + py)}`)
                                    .join(' ')}
                                fill={ink('water')}
                                stroke={ink('deep')}
                                strokeWidth="1"
                            />
                            {(panel?.holes ?? []).map((hole, j) =>
                                hole.isRound ? (
                                    <circle
                                        key={j}
                                        cx={x + hole.xMm * perMm}
                                        cy={y(nest.yMm + hole.yMm)}
                                        r={(hole.lengthMm / 2) * perMm}
                                        fill={ink('paper')}
                                        stroke={ink('deep')}
                                    />
                                ) : (
                                    <rect
                                        key={j}
                                        x={x + (hole.xMm - hole.lengthMm / 2) * perMm}
                                        y={y(nest.yMm + hole.yMm + hole.widthMm / 2)}
                                        width={hole.lengthMm * perMm}
                                        height={hole.widthMm * perMm}
                                        fill={ink('paper')}
                                        stroke={ink('deep')}
                                    />
                                ),
                            )}
                            {roomy && (
                                <text
                                    x={x + width / 2}
                                    y={y(nest.yMm + nest.widthMm / 2) + 4}
                                    textAnchor="middle"
                                    fill={ink('ink')}
                                >
                                    {width > 150
                                        ? `${panel?.label ?? ''} ${mm(panel?.widthMm ?? 0)} × ${mm(panel?.heightMm ?? 0)}`
                                        : `${mm(nest.lengthMm)} × ${mm(nest.widthMm)}`}
                                </text>
                            )}
                        </g>
                    );
                })}
            </chakra.svg>
        </Box>
    );
}
