import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const recordKeys = {
    all: ['records'] as const,
    detail: (id: number) => [...recordKeys.all, id] as const,
    chain: ['records', 'chain'] as const,
};

export function signOffsOptions() {
    return queryOptions({ queryKey: recordKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/sign-offs', { signal })) });
}

export function signOffOptions(id: number) {
    return queryOptions({
        queryKey: recordKeys.detail(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/sign-offs/{signOff}', { params: { path: { signOff: id } }, signal })),
        staleTime: Infinity,
    });
}

export function chainOptions() {
    return queryOptions({
        queryKey: recordKeys.chain,
        queryFn: ({ signal }) => unwrap(api.GET('/api/chain', { signal })),
        staleTime: 0,
    });
}
