/** What the server answered a draft with: the result, or sentences per field. */
export type Answer<T> = { ok: true; result: T } | { ok: false; errors: Record<string, string> };

function csrfToken(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
    return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '';
}

/** Posts a draft to a preview route; the same core that will judge it when saved answers. */
export async function postJson<T>(url: string, body: unknown, signal: AbortSignal): Promise<Answer<T>> {
    const response = await fetch(url, {
        method: 'POST',
        signal,
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() },
        body: JSON.stringify(body),
    });
    if (response.ok) {
        return { ok: true, result: (await response.json()) as T };
    }
    if (response.status !== 422) {
        return { ok: false, errors: { '': 'The server did not answer; what you typed is still here.' } };
    }
    const { errors } = (await response.json()) as { errors: Record<string, string[]> };
    return {
        ok: false,
        errors: Object.fromEntries(Object.entries(errors).map(([field, sentences]) => [field, sentences[0] ?? ''])),
    };
}
