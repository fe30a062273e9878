import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const recordKeys = {
    all: ['records'] as const,
    list: (page: number, find: string) => [...recordKeys.all, 'list', page, find] as const,
    detail: (id: number) => [...recordKeys.all, id] as const,
    raise: (id: number, to: string | null, job: number | null) => [...recordKeys.all, id, 'raise', to, job] as const,
    chain: ['records', 'chain'] as const,
    weeks: ['records', 'weeks'] as const,
};

export function signOffsOptions(page: number, find: string) {
    return queryOptions({
        queryKey: recordKeys.list(page, find),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/sign-offs', { params: { query: { page, find: find === '' ? null : find } }, signal })),
        placeholderData: (before) => before,
    });
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
        // While it is read again, who looks is told how far that is.
        refetchInterval: ({ state }) => (state.data?.run ? 500 : false),
        staleTime: 0,
    });
}

export function weeksOptions() {
    return queryOptions({
        queryKey: recordKeys.weeks,
        queryFn: ({ signal }) => unwrap(api.GET('/api/signed-weeks', { signal })),
    });
}

export function raiseOfferOptions(id: number, to: string | null, job: number | null) {
    return queryOptions({
        queryKey: recordKeys.raise(id, to, job),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/sign-offs/{signOff}/raise', { params: { path: { signOff: id }, query: { to, job } }, signal })),
        placeholderData: (before) => before,
    });
}
