import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

/** The sides of a figure type as outlines; they change when the type does, so seldom. */
export function outlinesOptions(type: number) {
    return queryOptions({
        queryKey: ['figure-types', type, 'outlines'],
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/figure-types/{figureType}/outlines', { params: { path: { figureType: type } }, signal })),
        staleTime: 300_000,
    });
}
