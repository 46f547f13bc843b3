import { type ReactNode } from 'react';

/** A part of the drawing that is dragged, or picked and nudged by the arrow keys: 1 mm, with Shift 10 mm. */
export function Handle({
    id,
    label,
    cursor,
    mirrored,
    onPick,
    onNudge,
    onGrab,
    children,
}: {
    id: string;
    label: string;
    cursor: string;
    /** Whether right on the drawing is towards the inlet. */
    mirrored: boolean;
    onPick: () => void;
    onNudge: (alongMm: number, upMm: number) => void;
    onGrab: (x: number, y: number) => void;
    children: ReactNode;
}) {
    return (
        <g
            role="button"
            tabIndex={0}
            aria-label={label}
            data-baffle={cursor === 'ew-resize' ? id : undefined}
            data-tray={cursor === 'ns-resize' ? id : undefined}
            style={{ cursor, touchAction: 'none' }}
            onFocus={onPick}
            onKeyDown={(event) => {
                const step = event.shiftKey ? 10 : 1;
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
                event.currentTarget.setPointerCapture(event.pointerId);
                event.currentTarget.focus();
                onGrab(event.clientX, event.clientY);
            }}
        >
            {children}
        </g>
    );
}
