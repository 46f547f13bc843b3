import { useEffect, useState } from 'react';
import { type Answer, postJson } from './postJson';

/** The server's latest answer to a draft that is being typed; asked again a moment after each change. No draft, no question. */
export function useDraft<T>(url: string, draft: unknown, wait = 150): Answer<T> | null {
    const [answer, setAnswer] = useState<Answer<T> | null>(null);
    const body = draft === null ? null : JSON.stringify(draft);
    useEffect(() => {
        if (body === null) {
            return;
        }
        const control = new AbortController();
        const timer = setTimeout(() => {
            postJson<T>(url, JSON.parse(body), control.signal).then(setAnswer, (problem: unknown) => {
                if (!(problem instanceof DOMException && problem.name === 'AbortError')) {
                    setAnswer({
                        ok: false,
                        errors: { '': 'The server cannot be reached; what you typed is still here.' },
                    });
                }
            });
        }, wait);
        return () => {
            clearTimeout(timer);
            control.abort();
        };
    }, [url, body, wait]);
    return answer;
}
