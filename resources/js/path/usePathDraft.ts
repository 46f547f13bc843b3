import { useEffect, useState } from 'react';
import { useShared } from '../lib/page';
import { useDraft } from '../lib/useDraft';
import { type PathAnswer, type StoredDraft, type TypedPath } from './types';

function kept(key: string): TypedPath | null {
    try {
        const text = sessionStorage.getItem(key);
        return text === null ? null : (JSON.parse(text) as TypedPath);
    } catch {
        return null;
    }
}

/**
 * A draft as it is laid out: the path with its undo, and what the core says of it after each change.
 *
 * Changes that are not saved yet stay in this window, so that leaving the page loses nothing.
 */
export function usePathDraft(systemId: number, draft: StoredDraft) {
    const units = useShared().keeper?.units ?? 'metric';
    const key = `ithys-path-${draft.id}-${draft.version}-${units}`;
    const [history, setHistory] = useState<{ past: TypedPath[]; path: TypedPath }>(() => ({
        past: [],
        path: kept(key) ?? draft.typed,
    }));
    const [review, setReview] = useState(draft.review);
    const { path, past } = history;
    const dirty = JSON.stringify(path) !== JSON.stringify(draft.typed);
    const answer = useDraft<PathAnswer>(`/systems/${systemId}/path/preview`, dirty ? { path } : null, 40);

    // The last review that could be made stands while a figure is half typed.
    const latest = dirty ? (answer?.ok === true ? answer.result.review : null) : draft.review;
    if (latest !== null && latest !== review) {
        setReview(latest);
    }

    useEffect(() => {
        try {
            if (dirty) {
                sessionStorage.setItem(key, JSON.stringify(path));
            } else {
                sessionStorage.removeItem(key);
            }
        } catch {
            // Without storage, changes last as long as the page.
        }
    }, [key, path, dirty]);

    const change = (next: TypedPath) => {
        if (next !== path) {
            setHistory({ past: [...past, path].slice(-200), path: next });
        }
    };

    return {
        path,
        review,
        dirty,
        problems: dirty ? (answer?.ok === true ? answer.result.problems : (answer?.errors ?? {})) : {},
        change,
        canUndo: past.length > 0,
        undo: () => {
            const before = past.at(-1);
            if (before !== undefined) {
                setHistory({ past: past.slice(0, -1), path: before });
            }
        },
        /** Takes over what the server saved, or goes back to it. */
        restart: (typed: TypedPath) => {
            try {
                sessionStorage.removeItem(key);
            } catch {
                // Nothing was kept then.
            }
            setHistory({ past: [], path: typed });
        },
    };
}
