/** What the server answered a draft with: the result, or sentences per field. */
export type Answer<T> = { ok: true; result: T } | { ok: false; errors: Record<string, string> };

/** No answer could be had; what was asked is still here. */
export class Unanswered extends Error {
    constructor(
        sentence: string,
        readonly signedOut: boolean,
    ) {
        super(sentence);
    }
}

function csrfToken(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
    return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/**
 * Posts to the server and reads its JSON.
 *
 * @throws Unanswered when it cannot be reached, fails, or has signed the keeper out; AbortError when it is no longer asked
 */
export function postJson<T>(url: string, body: unknown, signal?: AbortSignal): Promise<Answer<T>> {
    return ask(url, {
        method: 'POST',
        ...(signal && { signal }),
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() },
        body: JSON.stringify(body),
    });
}

/** Reads JSON from the server; throws as {@link postJson} does. */
export function getJson<T>(url: string, signal: AbortSignal): Promise<Answer<T>> {
    return ask(url, { signal, headers: { Accept: 'application/json' } });
}

async function ask<T>(url: string, request: RequestInit): Promise<Answer<T>> {
    let response: Response;
    try {
        response = await fetch(url, request);
    } catch (problem) {
        if (problem instanceof DOMException && problem.name === 'AbortError') {
            throw problem;
        }
        throw new Unanswered('The server cannot be reached. What you typed is still here.', false);
    }
    if (response.ok) {
        return { ok: true, result: (response.status === 204 ? null : await response.json()) as T };
    }
    if (response.status !== 422) {
        const signedOut = response.status === 401 || response.status === 419;
        throw new Unanswered(
            signedOut
                ? 'You were signed out meanwhile. What you typed is still here.'
                : 'The server did not answer as it should. What you typed is still here.',
            signedOut,
        );
    }
    const { errors } = (await response.json()) as { errors: Record<string, string[]> };
    return {
        ok: false,
        errors: Object.fromEntries(Object.entries(errors).map(([field, sentences]) => [field, sentences[0] ?? ''])),
    };
}
