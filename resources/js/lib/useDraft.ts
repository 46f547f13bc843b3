import { useEffect, useState } from 'react';
import { type Answer, postJson, Unanswered } from './postJson';
import { answered, unanswered } from './trouble';

interface Drafted<T> {
    answer: Answer<T> | null;
    /** Whether the answer is to the draft as it stands. */
    current: boolean;
    /** No answer can be had just now. */
    failed: boolean;
}

/** How long after a failure the same is asked again, milliseconds. */
export const ASK_AGAIN_AFTER = 2000;

/**
 * The server's latest answer to a draft that is being typed; asked again a moment after each change. No draft, no question.
 */
export function useDraft<T>(url: string, draft: unknown, wait = 150): Drafted<T> {
    const [latest, setLatest] = useState<{ to: string; answer: Answer<T> } | null>(null);
    const [failed, setFailed] = useState('');
    const body = draft === null ? null : JSON.stringify(draft);
    useEffect(() => {
        if (body === null) {
            return;
        }
        const control = new AbortController();
        let timer = setTimeout(ask, wait);
        function ask() {
            postJson<T>(url, JSON.parse(body ?? ''), control.signal).then(
                (answer) => {
                    setLatest({ to: body ?? '', answer });
                    setFailed('');
                    answered();
                },
                (problem: unknown) => {
                    if (problem instanceof Unanswered) {
                        setFailed(body ?? '');
                        unanswered(problem);
                        timer = setTimeout(ask, ASK_AGAIN_AFTER);
                    }
                },
            );
        }
        return () => {
            clearTimeout(timer);
            control.abort();
        };
    }, [url, body, wait]);
    return {
        answer: latest?.answer ?? null,
        current: latest !== null && latest.to === body,
        failed: failed !== '' && failed === body,
    };
}
