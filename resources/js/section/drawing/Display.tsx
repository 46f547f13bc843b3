import { type DrawnFront } from '../types';
import { Fill, Stroke, ink } from './marks';
import { type Scale, frontMm } from './scale';

/** The display before the chambers, as deep as it is, with its slotted wall, the mouth of the return and the lid. */
export function Display({
    front,
    levelMm,
    heightMm,
    lengthMm,
    picked,
    span,
    y,
    onPick,
}: {
    front: DrawnFront;
    /** Its water; null while it is not known. */
    levelMm: number | null;
    heightMm: number;
    /** Length of the chambers, over which the lid goes on. */
    lengthMm: number;
    picked: boolean;
    span: Scale['span'];
    y: (mm: number) => number;
    onPick: () => void;
}) {
    const far = -frontMm({ front });
    const water = span(far, -front.thicknessMm);
    const wall = span(-front.thicknessMm, 0);
    const level = Math.min(levelMm ?? front.crestMm, heightMm);
    const colour = picked ? 'kelp' : 'deep';
    const width = Math.max(3, wall.width);
    const mouth = span(far, far + 0.12 * -far);
    const inlet = mouth.x === water.x ? water.x + mouth.width : water.x + water.width - mouth.width;
    const lid = span(far, lengthMm);
    return (
        <g
            role="button"
            tabIndex={0}
            aria-label="Wall and slots"
            data-rear
            style={{ cursor: 'pointer' }}
            onFocus={onPick}
            onPointerDown={(event) => event.currentTarget.focus()}
        >
            <Fill {...water} y={y(level)} height={y(0) - y(level)} colour="water" />
            <Stroke
                d={`M${water.x} ${y(level)}h${water.width}`}
                colour={levelMm === null ? 'quiet' : 'deep'}
                width={1.8}
                {...(levelMm === null ? { dash: '2 4' } : {})}
            />
            <Fill x={wall.x} y={y(front.crestMm)} width={width} height={y(0) - y(front.crestMm)} colour={colour} />
            <rect
                x={wall.x + 0.75}
                y={y(front.slotTopMm)}
                width={width - 1.5}
                height={Math.max(0, y(front.crestMm) - y(front.slotTopMm))}
                fill="none"
                stroke={ink(colour)}
                strokeWidth="1.5"
                strokeDasharray="2 2"
            />
            <Fill
                x={wall.x}
                y={y(heightMm)}
                width={width}
                height={Math.max(0, y(front.slotTopMm) - y(heightMm))}
                colour={colour}
            />
            {front.nozzleMm !== null && (
                <Stroke d={`M${inlet} ${y(heightMm) - 6}V${y(front.nozzleMm)}`} colour={colour} width={4} />
            )}
            {front.lidMm !== null && (
                <Stroke d={`M${lid.x} ${y(front.lidMm)}h${lid.width}`} colour="quiet" width={1.4} dash="8 4" />
            )}
            <rect x={wall.x - 8} y={y(heightMm)} width={width + 16} height={y(0) - y(heightMm)} fill="transparent" />
        </g>
    );
}
