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
    fault = false,
    halo = false,
    children,
}: {
    x: number;
    y: number;
    anchor: 'start' | 'middle' | 'end';
    quiet?: boolean;
    fault?: boolean;
    /** Keeps it readable over lines. */
    halo?: boolean;
    children: string;
}) {
    return (
        <text
            x={x}
            y={y}
            textAnchor={anchor}
            fill={ink(fault ? 'fault' : quiet ? 'quiet' : 'ink')}
            {...(halo ? { stroke: ink('paper'), strokeWidth: 3, paintOrder: 'stroke' } : {})}
        >
            {children}
        </text>
    );
}

/** A dimension in the margin: a line between two ticks, and its figure. */
export function Dimension({
    from,
    to,
    at,
    text,
    upright = false,
}: {
    from: number;
    to: number;
    at: number;
    text: string;
    upright?: boolean;
}) {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    return (
        <g>
            <Stroke
                d={
                    upright
                        ? `M${at} ${low}V${high}M${at - 5} ${low}h10M${at - 5} ${high}h10`
                        : `M${low} ${at}H${high}M${low} ${at - 4}v8M${high} ${at - 4}v8`
                }
                colour="edge"
                width={1}
            />
            {upright ? (
                <Text x={at - 9} y={(low + high) / 2 + 4} anchor="end">
                    {text}
                </Text>
            ) : (
                <Text x={(low + high) / 2} y={at + 16} anchor="middle">
                    {text}
                </Text>
            )}
        </g>
    );
}
