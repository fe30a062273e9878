import { QueryClient } from '@tanstack/react-query';
import { describe, expect, it, vi } from 'vitest';
import { early } from './early';

describe('what a page shows', () => {
    it('is asked for before its code is there, and not again where it is', async () => {
        const client = new QueryClient();
        const queryFn = vi.fn(() => Promise.resolve('the grid'));
        early(client, { queryKey: ['job', 1], queryFn });
        await vi.waitFor(() => expect(client.getQueryData(['job', 1])).toBe('the grid'));
        early(client, { queryKey: ['job', 1], queryFn });
        early(client, { queryKey: ['job', 2], queryFn });
        expect(queryFn).toHaveBeenCalledTimes(2);
    });

    it('is left to the page where it is refused', async () => {
        const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
        early(client, { queryKey: ['job', 1], queryFn: () => Promise.reject(new Error('not there')) });
        await vi.waitFor(() => expect(client.getQueryState(['job', 1])?.status).toBe('error'));
        expect(client.getQueryData(['job', 1])).toBeUndefined();
    });
});
