import { answering, refusal } from '@testing/api';
import { describe, expect, it, vi } from 'vitest';
import { ApiError } from './ApiError';
import { api, unwrap } from './client';
import { isReached } from './connection';

describe('the client', () => {
    it('gives the data of an answer', async () => {
        answering(() => [200, { ok: true }]);
        await expect(unwrap(api.GET('/api/ping'))).resolves.toEqual({ ok: true });
    });

    it('throws a refusal with its code, sentence and place', async () => {
        answering(() => [422, refusal('unknown-tier', 'There is no tier "gold".', '/tier')]);
        const error = await unwrap(api.GET('/api/ping')).catch((thrown: unknown) => thrown);
        expect(error).toBeInstanceOf(ApiError);
        expect(error).toMatchObject({ status: 422, code: 'unknown-tier', message: 'There is no tier "gold".', path: '/tier' });
    });

    it('says so when the studio cannot be reached', async () => {
        vi.stubGlobal('fetch', () => Promise.reject(new TypeError('Failed to fetch')));
        await expect(unwrap(api.GET('/api/ping'))).rejects.toMatchObject({ status: 0, code: 'unreachable' });
    });

    it('does not take what was called off for a lost connection', async () => {
        vi.stubGlobal('fetch', (request: Request) => {
            request.signal.throwIfAborted();
            return Promise.resolve(new Response('{}', { headers: { 'Content-Type': 'application/json' } }));
        });
        await unwrap(api.GET('/api/ping'));
        const called = unwrap(api.GET('/api/ping', { signal: AbortSignal.abort() }));
        await expect(called).rejects.toMatchObject({ name: 'AbortError' });
        expect(isReached()).toBe(true);
    });

    it('sends the token of the session', async () => {
        document.cookie = 'XSRF-TOKEN=a%3Db';
        let token: string | null = null;
        vi.stubGlobal('fetch', (request: Request) => {
            token = request.headers.get('X-XSRF-TOKEN');
            return Promise.resolve(new Response('{}', { headers: { 'Content-Type': 'application/json' } }));
        });
        await unwrap(api.GET('/api/ping'));
        expect(token).toBe('a=b');
    });
});

describe('a refusal', () => {
    it('is told by field', () => {
        const problems = [
            { path: '/areas/0/name', message: 'A name.' },
            { path: '/size_class', message: 'A size.' },
        ];
        expect(new ApiError(422, 'invalid', 'A name.', '/areas/0/name', problems).byField()).toEqual({
            'areas.0.name': 'A name.',
            size_class: 'A size.',
        });
        expect(new ApiError(422, 'job-exists', 'There is one.', '/name', []).byField()).toEqual({ name: 'There is one.' });
    });
});
