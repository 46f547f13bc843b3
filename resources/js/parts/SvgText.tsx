import { useToken } from '@chakra-ui/react';
import { type CSSProperties, type ReactNode } from 'react';

interface Props {
    x: number;
    y: number;
    colour?: string;
    size?: number;
    bold?: boolean;
    figures?: boolean;
    anchor?: 'start' | 'middle' | 'end';
    /** Draws a ground around the letters so that they stay readable over lines. */
    halo?: boolean;
    children: ReactNode;
}

/** Words or figures in a drawing, in the app's own faces and colours. */
export function SvgText({
    x,
    y,
    colour = 'ink',
    size = 12,
    bold = false,
    figures = false,
    anchor = 'start',
    halo = false,
    children,
}: Props) {
    const [fill, paper] = useToken('colors', [colour, 'paper']) as [string, string];
    const [face] = useToken('fonts', [figures ? 'figure' : 'body']) as [string];
    const style: CSSProperties = {
        fontSize: size,
        fontFamily: face,
        fontWeight: bold ? 700 : 400,
        pointerEvents: 'none',
    };
    return (
        <text
            x={x}
            y={y}
            fill={fill}
            textAnchor={anchor}
            style={style}
            {...(halo ? { stroke: paper, strokeWidth: 4, paintOrder: 'stroke' } : {})}
        >
            {children}
        </text>
    );
}
