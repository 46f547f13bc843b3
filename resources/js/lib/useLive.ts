import { startTransition, useEffect, useRef, useState } from 'react';
import { type Answer, postJson, Unanswered } from './postJson';
import { answered, unanswered } from './trouble';
import { ASK_AGAIN_AFTER } from './useDraft';

/**
 * The server's latest answer to a draft that moves, as when something is dragged. One question is asked at a time; when its answer is
 * there, the newest draft is the next. No draft, no question. `isOfNow` says whether the draft still stands as it was asked about.
 */
export function useLive<T>(url: string, draft: unknown): { answer: Answer<T>; isOfNow: boolean } | null {
    const [latest, setLatest] = useState<{ answer: Answer<T>; asked: string } | null>(null);
    const body = draft === null ? null : JSON.stringify(draft);
    // Without a draft the last answer is forgotten: the next draft is another one.
    if (body === null && latest !== null) {
        setLatest(null);
    }
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
                const question: string = newest.current;
                asked = question;
                try {
                    const heard = await postJson<T>(url, JSON.parse(question));
                    answered();
                    // What is under the pointer goes before what the answer redraws.
                    startTransition(() => {
                        if (newest.current !== null) {
                            setLatest({ answer: heard, asked: question });
                        }
                    });
                } catch (problem) {
                    if (!(problem instanceof Unanswered)) {
                        throw problem;
                    }
                    unanswered(problem);
                    asked = null;
                    await new Promise((done) => setTimeout(done, ASK_AGAIN_AFTER));
                }
            }
            asking.current = false;
        };
        void ask();
    }, [url, body]);
    // Leaving the page ends the asking.
    useEffect(
        () => () => {
            newest.current = null;
        },
        [],
    );
    return latest && { answer: latest.answer, isOfNow: latest.asked === body };
}
