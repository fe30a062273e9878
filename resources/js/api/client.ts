import createClient, { type Middleware } from 'openapi-fetch';
import { ApiError } from './ApiError';
import { noteReached } from './connection';
import type { components, paths } from './schema';

type ErrorBody = components['schemas']['Error'];

const withToken: Middleware = {
    onRequest({ request }) {
        const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
        if (token !== undefined) {
            request.headers.set('X-XSRF-TOKEN', decodeURIComponent(token));
        }
        request.headers.set('Accept', 'application/json');
        return request;
    },
};

export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: (request) => globalThis.fetch(request) });
api.use(withToken);

interface Answer<T> {
    data?: T;
    error?: unknown;
    response: Response;
}

function isCalledOff(cause: unknown): boolean {
    return typeof cause === 'object' && cause !== null && 'name' in cause && cause.name === 'AbortError';
}

/** The data of an answer; a refusal is thrown as an {@link ApiError}. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
    const { data, error, response } = await answer.catch((cause: unknown) => {
        // A page that was left calls off what it asked for; that says nothing of the studio.
        if (isCalledOff(cause)) {
            throw cause;
        }
        noteReached(false);
        throw new ApiError(0, 'unreachable', 'The studio cannot be reached. What you typed is still here; try again.', '', []);
    });
    // A server that has lost its database answers, and can do nothing yet.
    noteReached(response.status !== 503);
    if (data !== undefined && response.ok) {
        return data;
    }
    const sent = error as (ErrorBody & { now?: unknown }) | undefined;
    const body = sent?.error;
    throw new ApiError(
        response.status,
        body?.code ?? 'broken',
        body?.message ?? 'Something broke on our side. Nothing was stored.',
        body?.path ?? '',
        body?.problems ?? [],
        sent?.now,
        body?.about ?? '',
    );
}

/** Sends again what was sent from a page that is no more; the address has its numbers in it already. */
export function resend(path: string, body: unknown): Promise<unknown> {
    return unwrap(api.POST(path as '/api/bench-marks', { body: body as never }));
}

/** A new session begins with its token. */
export async function fetchToken(): Promise<void> {
    await fetch('/sanctum/csrf-cookie', { headers: { Accept: 'application/json' } });
}
