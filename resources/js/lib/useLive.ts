import { startTransition, useEffect, useRef, useState } from 'react';
import { type Answer, postJson } from './postJson';

/**
 * The server's latest answer to a draft that moves, as when something is dragged. One question is asked at a time; when its answer is
 * there, the newest draft is the next. No draft, no question.
 */
export function useLive<T>(url: string, draft: unknown): Answer<T> | null {
    const [answer, setAnswer] = useState<Answer<T> | null>(null);
    const body = draft === null ? null : JSON.stringify(draft);
    const newest = useRef(body);
    const asking = useRef(false);
    useEffect(() => {
        newest.current = body;
        if (body === null || asking.current) {
            return;
        }
        const ask = async () => {
            asking.current = true;
            for (let asked: string | null = null; newest.current !== null && newest.current !== asked;) {
                asked = newest.current;
                try {
                    const answered = await postJson<T>(url, JSON.parse(asked), new AbortController().signal);
                    // What is under the pointer goes before what the answer redraws.
                    startTransition(() => setAnswer(answered));
                } catch {
                    setAnswer({
                        ok: false,
                        errors: { '': 'The server cannot be reached; what you typed is still here.' },
                    });
                }
            }
            asking.current = false;
        };
        void ask();
    }, [url, body]);
    return answer;
}
