import { useEffect, useState } from 'react';
import { getJson, Unanswered } from './postJson';
import { answered, unanswered } from './trouble';

/** What the server answers to a question that is asked once, as the caller knows its shape; null until then. */
export function useAnswer(url: string): unknown {
    const [heard, setHeard] = useState<{ url: string; result: unknown } | null>(null);
    useEffect(() => {
        const control = new AbortController();
        getJson<unknown>(url, control.signal).then(
            (answer) => {
                answered();
                if (answer.ok) {
                    setHeard({ url, result: answer.result });
                }
            },
            (problem: unknown) => {
                if (problem instanceof Unanswered) {
                    unanswered(problem);
                }
            },
        );
        return () => control.abort();
    }, [url]);
    return heard?.url === url ? heard.result : null;
}
