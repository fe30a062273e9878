import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export function figureTypesOptions() {
    return queryOptions({
        queryKey: ['figure-types'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/figure-types', { signal })),
    });
}
