import { type KeyboardEvent, type PointerEvent, useState } from 'react';

/** The least time that is drawn, s. */
const LEAST = 3 * 86_400;

/** A part of a time, within its ends and no shorter than can be drawn. */
export function within(part: [number, number], [from, to]: [number, number]): [number, number] | null {
    const length = Math.max(LEAST, part[1] - part[0]);
    if (length >= to - from) {
        return null;
    }
    const start = Math.min(Math.max(part[0], from), to - length);
    return [start, start + length];
}

/**
 * The part of a time that is looked at: brushed with the mouse between two ends of a drawing, or zoomed and moved by
 * keys. Null for all of it; another time begins with all of it. Where brushed parts are asked for, by finger too, they
 * go there instead.
 */
export function useZoom(
    all: [number, number],
    [left, right]: [number, number],
    onPart: ((part: [number, number]) => void) | null = null,
) {
    const [zoomed, setZoomed] = useState<{ of: string; part: [number, number] } | null>(null);
    const [brush, setBrush] = useState<[number, number] | null>(null);
    const of = all.join();
    const part = zoomed?.of === of ? zoomed.part : null;
    const set = (next: [number, number] | null) => {
        const kept = next && within(next, all);
        setZoomed(kept && { of, part: kept });
    };
    const shown = part ?? all;
    const length = shown[1] - shown[0];
    const timeAt = ({ clientX, currentTarget }: PointerEvent<SVGSVGElement>) => {
        const share = (clientX - currentTarget.getBoundingClientRect().left - left) / Math.max(1, right - left);
        return shown[0] + Math.min(1, Math.max(0, share)) * length;
    };
    const about = (share: number): [number, number] => {
        const middle = (shown[0] + shown[1]) / 2;
        return [middle - (length * share) / 2, middle + (length * share) / 2];
    };
    return {
        part,
        brush,
        timeAt,
        closer: () => set(about(0.5)),
        further: () => set(about(2)),
        earlier: () => set([shown[0] - length / 3, shown[1] - length / 3]),
        later: () => set([shown[0] + length / 3, shown[1] + length / 3]),
        whole: () => set(null),
        handlers: {
            onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
                if ((event.pointerType === 'mouse' || onPart !== null) && event.button === 0) {
                    const at = timeAt(event);
                    setBrush([at, at]);
                }
            },
            onPointerUp: () => {
                // A press that hardly moves is a click on what lies there.
                if (brush !== null && Math.abs(brush[1] - brush[0]) > length / 60) {
                    (onPart ?? set)([Math.min(...brush), Math.max(...brush)]);
                }
                setBrush(null);
            },
            onDoubleClick: () => set(null),
            onKeyDown: (event: KeyboardEvent) => {
                const does: Record<string, () => void> = {
                    '+': () => set(about(0.5)),
                    '-': () => set(about(2)),
                    ArrowLeft: () => set([shown[0] - length / 3, shown[1] - length / 3]),
                    ArrowRight: () => set([shown[0] + length / 3, shown[1] + length / 3]),
                    '0': () => set(null),
                };
                if (does[event.key] !== undefined) {
                    event.preventDefault();
                    does[event.key]?.();
                }
            },
        },
        moveBrush: (at: number) => setBrush((before) => before && [before[0], at]),
    };
}
