import { Box, chakra } from '@chakra-ui/react';
import { useUnits } from '../../lib/figures';
import { shopLength } from '../../lib/shopLength';
import { type Choices, type DrawnBasket, type DrawnFront } from '../types';
import { Dimension, Fill, Stroke, Text, ink } from './marks';

/** Height of the basket on the picture at the most. */
const TALL = 250;
const TOP = 34;
/** Left edge of the view from the side, and middle of the one from the front. */
const SIDE = 250;
const FRONT = 740;

/** A media basket put together: from the side, cut open, with its layers; and from the front. */
export function BasketPicture({
    basket,
    front,
    behindMm,
    length,
}: {
    basket: DrawnBasket;
    /** The display before it; null in a sump. */
    front: DrawnFront | null;
    /** Water it stands in, over the floor of its chamber; null while it stands nowhere. */
    behindMm: number | null;
    length: Choices['length'];
}) {
    const { show } = useUnits();
    const mm = (value: number) => shopLength(value, length.unit);
    const lid = front?.lidMm == null ? null : front.lidMm - basket.standMm;
    const perMm = Math.min(TALL / Math.max(basket.heightMm, lid ?? 0), 200 / basket.outerLengthMm);
    const foot = TOP + Math.max(basket.heightMm, lid ?? 0) * perMm;
    const y = (value: number) => foot - value * perMm;
    const plate = Math.max(2.5, basket.thicknessMm * perMm);
    const deep = basket.outerWidthMm * perMm;
    const wide = basket.outerLengthMm * perMm;
    const inside = { x: SIDE + plate, width: deep - 2 * plate };
    const water = behindMm === null ? 0 : Math.min(Math.max(0, behindMm - basket.standMm), basket.heightMm);
    const grid = Math.max(2, basket.gridThicknessMm * perMm);
    return (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label="The basket put together">
            <chakra.svg
                viewBox={`0 0 900 ${foot + 62}`}
                minW="600px"
                width="100%"
                display="block"
                role="img"
                aria-label={`Media basket, ${mm(basket.outerLengthMm)} by ${mm(basket.outerWidthMm)} by ${mm(basket.heightMm)} ${length.unit}, ${basket.shelves.length} shelves`}
                fontSize="12px"
                fontFamily="figure"
            >
                <Fill {...inside} y={y(water)} height={water * perMm} colour="water" />
                {basket.shelves.map((shelf) => (
                    <g key={shelf.number}>
                        {shelf.layers.map((layer) => (
                            <rect
                                key={layer.id}
                                {...inside}
                                y={y(layer.toMm)}
                                height={Math.max(0, (layer.toMm - layer.fromMm) * perMm)}
                                fill={ink(layer.isPad ? 'edge' : 'current')}
                                fillOpacity={layer.isPad ? 0.55 : 0.85}
                            />
                        ))}
                        <Fill
                            {...inside}
                            y={y(shelf.ledgeMm + basket.ledgeMm)}
                            height={basket.ledgeMm * perMm}
                            colour="edge"
                        />
                        <Stroke
                            d={`M${inside.x} ${y(shelf.gridMm) + grid / 2}h${inside.width}`}
                            colour="ink"
                            width={grid}
                            dash="3 2"
                        />
                        <Stroke d={`M${SIDE - 64} ${y(shelf.ledgeMm)}H${SIDE}`} colour="edge" width={1} />
                        <Text x={SIDE - 68} y={y(shelf.ledgeMm) + 4} anchor="end">
                            {mm(shelf.ledgeMm)}
                        </Text>
                        <Text x={SIDE + deep + 20} y={(y(shelf.gridMm) + y(shelf.topMm)) / 2 + 4} anchor="start">
                            {[
                                `${shelf.number}`,
                                ...shelf.layers.map((layer) =>
                                    layer.isPad ? `${layer.label} ${mm(layer.toMm - layer.fromMm)}` : layer.label,
                                ),
                                ...(shelf.layers.some(({ isPad }) => !isPad) || shelf.layers.length === 0
                                    ? [`room for ${show(shelf.litres, 'volume')}`]
                                    : []),
                            ].join(' · ')}
                        </Text>
                        <Stroke
                            d={`M${FRONT - wide / 2} ${y(shelf.gridMm)}h${wide}`}
                            colour="edge"
                            width={1.4}
                            dash="3 3"
                        />
                    </g>
                ))}
                <Fill x={SIDE} y={y(basket.frontMm)} width={plate} height={basket.frontMm * perMm} colour="deep" />
                <Fill
                    x={SIDE + deep - plate}
                    y={y(basket.heightMm)}
                    width={plate}
                    height={basket.heightMm * perMm}
                    colour="deep"
                />
                <rect
                    x={SIDE}
                    y={y(basket.heightMm)}
                    width={deep}
                    height={basket.heightMm * perMm}
                    fill="none"
                    stroke={ink('edge')}
                    strokeDasharray="4 3"
                />
                <Stroke
                    d={`M${SIDE - 40} ${y(basket.frontMm) - 12}H${SIDE + plate + 8}q8 0 8 10v12m-4 -6l4 6l4 -6`}
                    colour="current"
                    width={2}
                />
                <Text x={SIDE - 44} y={y(basket.frontMm) - 8} anchor="end">
                    {`front ${mm(basket.frontMm)}`}
                </Text>
                {behindMm !== null && (
                    <Stroke d={`M${SIDE - 10} ${y(water)}H${SIDE + deep + 10}`} colour="deep" width={1.4} />
                )}
                {lid !== null && (
                    <>
                        <Stroke
                            d={`M${SIDE - 60} ${y(lid)}H${SIDE + deep + 60}`}
                            colour="quiet"
                            width={1.4}
                            dash="8 4"
                        />
                        <Text x={SIDE + deep + 66} y={y(lid) + 4} anchor="start" quiet>
                            {`lid, ${mm(Math.max(0, lid - basket.heightMm))} over it`}
                        </Text>
                    </>
                )}
                <Dimension from={y(0)} to={y(basket.heightMm)} at={SIDE - 130} text={mm(basket.heightMm)} upright />
                <Dimension from={SIDE} to={SIDE + deep} at={foot + 14} text={mm(basket.outerWidthMm)} />
                <Text x={SIDE + deep / 2} y={foot + 50} anchor="middle" quiet>
                    from the side, cut open
                </Text>
                <rect
                    x={FRONT - wide / 2}
                    y={y(basket.heightMm)}
                    width={wide}
                    height={basket.heightMm * perMm}
                    fill="none"
                    stroke={ink('ink')}
                    strokeWidth="1.4"
                />
                <Stroke d={`M${FRONT - wide / 2} ${y(basket.frontMm)}h${wide}`} colour="deep" width={2.4} />
                <rect
                    x={FRONT - 0.4 * wide}
                    y={y(basket.heightMm)}
                    width={0.8 * wide}
                    height={basket.handleMm * perMm}
                    fill="none"
                    stroke={ink('edge')}
                />
                <Dimension
                    from={FRONT - wide / 2}
                    to={FRONT + wide / 2}
                    at={foot + 14}
                    text={mm(basket.outerLengthMm)}
                />
                <Text x={FRONT} y={foot + 50} anchor="middle" quiet>
                    from the front
                </Text>
            </chakra.svg>
        </Box>
    );
}
