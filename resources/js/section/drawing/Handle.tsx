import { type ReactNode } from 'react';

const CURSORS = { baffle: 'ew-resize', tray: 'ns-resize', device: 'pointer' };

/** A part of the drawing that is picked, nudged by the arrow keys and, where it can be, dragged. */
export function Handle({
    id,
    kind,
    label,
    steps,
    mirrored,
    onPick,
    onNudge,
    onGrab,
    children,
}: {
    id: string;
    kind: 'baffle' | 'tray' | 'device';
    label: string;
    /** How far an arrow key moves it, and with Shift, mm. */
    steps: [number, number];
    /** Whether right on the drawing is towards the inlet. */
    mirrored: boolean;
    onPick: () => void;
    onNudge: (alongMm: number, upMm: number) => void;
    onGrab?: (x: number, y: number) => void;
    children: ReactNode;
}) {
    return (
        <g
            role="button"
            tabIndex={0}
            aria-label={label}
            {...{ [`data-${kind}`]: id }}
            style={{ cursor: CURSORS[kind], touchAction: onGrab === undefined ? 'auto' : 'none' }}
            onFocus={onPick}
            onKeyDown={(event) => {
                const step = steps[event.shiftKey ? 1 : 0];
                const along = mirrored ? -step : step;
                const moves: Record<string, [number, number]> = {
                    ArrowRight: [along, 0],
                    ArrowLeft: [-along, 0],
                    ArrowUp: [0, step],
                    ArrowDown: [0, -step],
                };
                const move = moves[event.key];
                if (move !== undefined) {
                    event.preventDefault();
                    onNudge(move[0], move[1]);
                }
            }}
            onPointerDown={(event) => {
                event.currentTarget.focus();
                if (onGrab !== undefined) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    onGrab(event.clientX, event.clientY);
                }
            }}
        >
            {children}
        </g>
    );
}
