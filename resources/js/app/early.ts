import type { QueryClient, QueryFunction, QueryKey, SkipToken } from '@tanstack/react-query';

interface Asked<T, K extends QueryKey> {
    queryKey: K;
    queryFn?: QueryFunction<T, K> | SkipToken;
}

/**
 * What a page shows is asked for while its code is still on its way; what is there already is not asked again.
 * What is refused is told by the page, which asks itself.
 */
export function early<T, K extends QueryKey>(client: QueryClient, { queryKey, queryFn }: Asked<T, K>): void {
    if (queryFn !== undefined && client.getQueryData(queryKey) === undefined) {
        void client.query({ queryKey, queryFn }).catch(() => undefined);
    }
}
