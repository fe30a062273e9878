import type { ApiError } from '@api';

/**
 * What is typed at the bench or in a check and cannot be sent waits in this window, goes out in the order in which
 * it was typed, and by its request key is done once however often it is sent. A refusal is an answer; it is told.
 */
export const keptUntilSent = {
    scope: { id: 'kept-until-sent' },
    retry: (_: number, error: ApiError) => error.status === 0,
    retryDelay: (tried: number) => Math.min(1_000 * 2 ** tried, 15_000),
};
