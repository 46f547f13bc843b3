import { useState } from 'react';
import { useShared } from '../lib/page';
import { useDraft } from '../lib/useDraft';
import { useHistory } from '../lib/useHistory';
import { type PathAnswer, type StoredDraft } from './types';

/** A draft as it is laid out: the path with its undo, and what the core says of it after each change. */
export function usePathDraft(systemId: number, draft: StoredDraft) {
    const units = useShared().keeper?.units ?? 'metric';
    const history = useHistory(`ithys-path-${draft.id}-${draft.version}-${units}`, draft.typed);
    const { now: path, dirty } = history;
    const [review, setReview] = useState(draft.review);
    const { answer } = useDraft<PathAnswer>(`/systems/${systemId}/path/preview`, dirty ? { path } : null, 40);

    // The last review that could be made stands while a figure is half typed.
    const latest = dirty ? (answer?.ok === true ? answer.result.review : null) : draft.review;
    if (latest !== null && latest !== review) {
        setReview(latest);
    }

    return {
        ...history,
        path,
        review,
        problems: dirty ? (answer?.ok === true ? answer.result.problems : (answer?.errors ?? {})) : {},
    };
}
