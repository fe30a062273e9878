import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const todayKeys = { all: ['today'] as const };

export function todayOptions() {
    return queryOptions({ queryKey: todayKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/today', { signal })) });
}
