import { router } from '@inertiajs/react';
import { useSyncExternalStore } from 'react';
import { type Answer, postJson, type Unanswered } from './postJson';

/** Why the server did not do what was asked; the page stands as it was. */
export interface Trouble {
    sentence: string;
    /** The keeper has to sign in before it can be tried again. */
    signedOut: boolean;
    /** Asks once more for what failed; null where that would not help. */
    again: (() => void) | null;
}

type Visit = Parameters<Parameters<typeof router.on<'start'>>[1]>[0]['detail']['visit'];

/** Answers that stay the same however often one asks. */
const FINAL = [400, 403, 404, 405, 413];

let visit: Visit | null = null;
let ofVisit: Trouble | null = null;
let ofPreview: Trouble | null = null;
const listeners = new Set<() => void>();

function tell(change: () => void): void {
    change();
    listeners.forEach((listener) => listener());
}

function repeat(asked: Visit): () => void {
    return () => router.visit(asked.url, asked);
}

/** The sentence of a problem page; a server in front of ours answers without one. */
function sentenceOf(status: number, data: unknown): string {
    const props = typeof data === 'object' && data !== null && 'props' in data ? data.props : null;
    const sentence = typeof props === 'object' && props !== null && 'sentence' in props ? props.sentence : null;
    return typeof sentence === 'string'
        ? sentence
        : status === 413
          ? 'What was sent is larger than this server takes. Nothing was saved.'
          : `The server answered with fault ${status}. What you typed is still here.`;
}

/** Keeps the page where a save, or a visit to another page, fails. */
export function watchVisits(): void {
    router.on('start', ({ detail }) => {
        visit = detail.visit;
    });
    const clear = () => tell(() => (ofVisit = null));
    router.on('success', clear);
    router.on('error', clear);
    router.on('httpException', (event) => {
        const { status, data } = event.detail.response;
        const asked = visit;
        const isPage = typeof data === 'object' && 'component' in data;
        if (asked === null || (asked.method === 'get' && isPage)) {
            return;
        }
        event.preventDefault();
        tell(() => {
            ofVisit = {
                sentence: sentenceOf(status, data),
                signedOut: status === 401 || status === 419,
                again: FINAL.includes(status) ? null : repeat(asked),
            };
        });
    });
    router.on('networkError', (event) => {
        const asked = visit;
        event.preventDefault();
        tell(() => {
            ofVisit = {
                sentence: 'The server cannot be reached. Nothing was saved; what you typed is still here.',
                signedOut: false,
                again: asked === null ? null : repeat(asked),
            };
        });
    });
}

/** A preview got no answer; it is asked again by itself. */
export function unanswered(problem: Unanswered): void {
    tell(() => (ofPreview = { sentence: problem.message, signedOut: problem.signedOut, again: null }));
}

export function answered(): void {
    if (ofPreview !== null) {
        tell(() => (ofPreview = null));
    }
}

export function dismiss(): void {
    tell(() => {
        ofVisit = null;
        ofPreview = null;
    });
}

/** Gets the token of the present session, which a page that stood open long does not have; without a server there is none. */
export async function freshToken(): Promise<void> {
    await fetch('/token').catch(() => null);
}

/** Signs the keeper of this page in again without leaving it. */
export async function signInAgain(email: string, password: string): Promise<Answer<null>> {
    await freshToken();
    return postJson<null>('/sign-in', { email, password, remember: true });
}

export function useTrouble(): Trouble | null {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => ofVisit ?? ofPreview,
    );
}
