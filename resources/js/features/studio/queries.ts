import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const studioKeys = {
    invitations: ['invitations'] as const,
    log: (page: number) => ['log', page] as const,
    clearances: (user: number) => ['clearances', user] as const,
};

export function clearancesOptions(user: number) {
    return queryOptions({
        queryKey: studioKeys.clearances(user),
        queryFn: ({ signal }) => unwrap(api.GET('/api/people/{user}/clearances', { params: { path: { user } }, signal })),
    });
}

export function invitationsOptions() {
    return queryOptions({
        queryKey: studioKeys.invitations,
        queryFn: ({ signal }) => unwrap(api.GET('/api/invitations', { signal })),
    });
}

export function logOptions(page: number) {
    return queryOptions({
        queryKey: studioKeys.log(page),
        queryFn: ({ signal }) => unwrap(api.GET('/api/log', { params: { query: { page } }, signal })),
    });
}
