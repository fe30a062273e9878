import type { ApiError } from '@api';

/**
 * What is typed and cannot be sent waits in this window and goes out in the order in which it was typed. By its request
 * key, or the version it was written on, it is done once however often it is sent. A refusal is an answer; it is told.
 */
export const keptUntilSent = {
    scope: { id: 'kept-until-sent' },
    retry: (_: number, error: ApiError) => error.status === 0 || error.status === 503,
    retryDelay: (tried: number) => Math.min(1_000 * 2 ** tried, 15_000),
};
