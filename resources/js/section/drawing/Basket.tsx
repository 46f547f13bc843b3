import { type DrawnBasket } from '../types';
import { Stroke, ink } from './marks';
import { type Scale } from './scale';

/** A media basket in its chamber: its sides, the lower front, and its shelves with what lies on them. */
export function Basket({
    basket,
    chamber,
    picked,
    span,
    y,
    onPick,
}: {
    basket: DrawnBasket;
    /** The chamber it stands in; nothing is drawn without it. */
    chamber: { fromMm: number; toMm: number } | undefined;
    picked: boolean;
    span: Scale['span'];
    y: (mm: number) => number;
    onPick: () => void;
}) {
    if (chamber === undefined) {
        return null;
    }
    const middle = (chamber.fromMm + chamber.toMm) / 2;
    const out = span(middle - basket.outerLengthMm / 2, middle + basket.outerLengthMm / 2);
    const inside = span(middle - basket.innerLengthMm / 2, middle + basket.innerLengthMm / 2);
    const at = (mm: number) => y(basket.standMm + mm);
    const colour = picked ? 'kelp' : 'ink';
    return (
        <g
            role="button"
            tabIndex={0}
            aria-label="Media basket"
            data-basket
            style={{ cursor: 'pointer' }}
            onFocus={onPick}
            onPointerDown={(event) => event.currentTarget.focus()}
        >
            {basket.shelves.map((shelf) => (
                <g key={shelf.number}>
                    {shelf.layers.map((layer) => (
                        <rect
                            key={layer.id}
                            {...inside}
                            y={at(layer.toMm)}
                            height={at(layer.fromMm) - at(layer.toMm)}
                            fill={ink(layer.isPad ? 'edge' : 'current')}
                            fillOpacity={layer.isPad ? 0.55 : 0.8}
                        />
                    ))}
                    <Stroke
                        d={`M${inside.x} ${at(shelf.gridMm)}h${inside.width}`}
                        colour={colour}
                        width={2}
                        dash="3 2"
                    />
                </g>
            ))}
            <rect
                {...out}
                y={at(basket.heightMm)}
                height={at(0) - at(basket.heightMm)}
                fill="transparent"
                stroke={ink(colour)}
                strokeWidth={picked ? 2.4 : 1.4}
            />
            <Stroke d={`M${out.x} ${at(basket.frontMm)}h${out.width}`} colour={colour} width={1.2} dash="6 3" />
        </g>
    );
}
