import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** The width a drawing has, in CSS pixels, followed as the window changes. */
export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
    const box = useRef<HTMLDivElement>(null);
    const [width, setWidth] = useState(0);
    useLayoutEffect(() => {
        const element = box.current;
        if (element === null) {
            return;
        }
        const watch = new ResizeObserver(([entry]) => setWidth(Math.floor(entry?.contentRect.width ?? 0)));
        watch.observe(element);
        return () => watch.disconnect();
    }, []);
    return [box, width];
}
