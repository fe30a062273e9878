import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const todayKeys = { all: ['today'] as const };

export function todayOptions() {
    return queryOptions({
        queryKey: todayKeys.all,
        // Who comes back from doing something sees that it is done.
        staleTime: 0,
        queryFn: ({ signal }) => unwrap(api.GET('/api/today', { signal })),
    });
}
