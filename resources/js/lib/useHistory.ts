import { useEffect, useState } from 'react';

function kept(key: string): unknown {
    try {
        return JSON.parse(sessionStorage.getItem(key) ?? 'null');
    } catch {
        return null;
    }
}

/**
 * A draft with its undo. What is not saved yet stays in this window, so that leaving the page loses nothing.
 *
 * @param key tells this draft, its saved version and its units apart from others
 */
export function useHistory<T>(key: string, saved: T) {
    const [history, setHistory] = useState<{ past: T[]; now: T }>(() => ({
        past: [],
        now: (kept(key) as T | null) ?? saved,
    }));
    const { now, past } = history;
    const dirty = JSON.stringify(now) !== JSON.stringify(saved);

    useEffect(() => {
        try {
            if (dirty) {
                sessionStorage.setItem(key, JSON.stringify(now));
            } else {
                sessionStorage.removeItem(key);
            }
        } catch {
            // Without storage, changes last as long as the page.
        }
    }, [key, now, dirty]);

    return {
        now,
        dirty,
        canUndo: past.length > 0,
        change: (next: T) => {
            setHistory((before) =>
                next === before.now ? before : { past: [...before.past, before.now].slice(-200), now: next },
            );
        },
        /** Changes without a step of its own in the undo, such as each move of a drag. */
        amend: (next: T) => setHistory((before) => ({ past: before.past, now: next })),
        undo: () => {
            const before = past.at(-1);
            if (before !== undefined) {
                setHistory({ past: past.slice(0, -1), now: before });
            }
        },
        /** Takes over what the server saved, or goes back to it. */
        restart: (value: T) => {
            try {
                sessionStorage.removeItem(key);
            } catch {
                // Nothing was kept then.
            }
            setHistory({ past: [], now: value });
        },
    };
}
