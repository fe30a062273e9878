import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const proposalKeys = { all: ['proposals'] as const };

export function proposalsOptions() {
    return queryOptions({
        queryKey: proposalKeys.all,
        queryFn: ({ signal }) => unwrap(api.GET('/api/proposals', { signal })),
    });
}
