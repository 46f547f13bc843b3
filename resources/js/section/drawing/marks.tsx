/**
 * Drawing marks in the app's colours. Plain SVG: they move with the pointer, and styled elements would write a new rule into the page
 * for every place they come to.
 */
export const ink = (colour: string) => `var(--chakra-colors-${colour})`;

export function Fill({ colour, ...box }: { x: number; y: number; width: number; height: number; colour: string }) {
    return <rect {...box} fill={ink(colour)} />;
}

export function Stroke({ d, colour, width, dash }: { d: string; colour: string; width: number; dash?: string }) {
    return <path d={d} fill="none" stroke={ink(colour)} strokeWidth={width} strokeDasharray={dash} />;
}

export function Text({
    x,
    y,
    anchor,
    quiet = false,
    colour = quiet ? 'quiet' : 'ink',
    halo = false,
    children,
}: {
    x: number;
    y: number;
    anchor: 'start' | 'middle' | 'end';
    quiet?: boolean;
    colour?: string;
    /** Keeps it readable over lines. */
    halo?: boolean;
    children: string;
}) {
    return (
        <text
            x={x}
            y={y}
            textAnchor={anchor}
            fill={ink(colour)}
            {...(halo ? { stroke: ink('paper'), strokeWidth: 3, paintOrder: 'stroke' } : {})}
        >
            {children}
        </text>
    );
}

/** A dimension in the margin: a line between two ticks, and its figure; a low one gives way to its neighbour's. */
export function Dimension({
    from,
    to,
    at,
    text,
    upright = false,
    low = false,
}: {
    from: number;
    to: number;
    at: number;
    text: string;
    upright?: boolean;
    low?: boolean;
}) {
    const [least, most] = [Math.min(from, to), Math.max(from, to)];
    const middle = (least + most) / 2;
    return (
        <g>
            <Stroke
                d={
                    upright
                        ? `M${at} ${least}V${most}M${at - 5} ${least}h10M${at - 5} ${most}h10`
                        : `M${least} ${at}H${most}M${least} ${at - 4}v8M${most} ${at - 4}v8`
                }
                colour="edge"
                width={1}
            />
            {upright ? (
                <g transform={`rotate(-90 ${at - 8} ${middle})`}>
                    <Text x={at - 8} y={middle} anchor="middle">
                        {text}
                    </Text>
                </g>
            ) : (
                <Text x={middle} y={at + (low ? 32 : 16)} anchor="middle">
                    {text}
                </Text>
            )}
        </g>
    );
}
