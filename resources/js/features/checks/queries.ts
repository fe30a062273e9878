import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const checkKeys = {
    all: ['checks'] as const,
    list: (page: number) => [...checkKeys.all, 'list', page] as const,
    figure: (figure: number) => [...checkKeys.all, figure] as const,
};

export function checksOptions(page: number) {
    return queryOptions({
        queryKey: checkKeys.list(page),
        queryFn: ({ signal }) => unwrap(api.GET('/api/checks', { params: { query: { page } }, signal })),
    });
}

/** Opens the check of a figure, or goes on with the one that is open: what was answered is still there. */
export function checkOptions(figure: number) {
    return queryOptions({
        queryKey: checkKeys.figure(figure),
        queryFn: ({ signal }) => unwrap(api.POST('/api/figures/{figure}/checks', { params: { path: { figure } }, signal })),
        refetchOnWindowFocus: true,
        staleTime: 1_000,
    });
}
