import { api, type Schemas, unwrap } from '@api';
import { type QueryClient, queryOptions } from '@tanstack/react-query';

export const paintKeys = {
    all: ['paints'] as const,
    substitutes: (paint: number) => [...paintKeys.all, paint, 'substitutes'] as const,
};

export function paintsOptions() {
    return queryOptions({
        queryKey: paintKeys.all,
        queryFn: ({ signal }) => unwrap(api.GET('/api/paints', { signal })),
        staleTime: 60_000,
    });
}

/** What the running jobs will take. */
export function needsOptions() {
    return queryOptions({
        queryKey: [...paintKeys.all, 'needs'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/paint-needs', { signal })),
    });
}

export function substitutesOptions(paint: number) {
    return queryOptions({
        queryKey: paintKeys.substitutes(paint),
        queryFn: ({ signal }) => unwrap(api.GET('/api/paints/{paint}/substitutes', { params: { path: { paint } }, signal })),
    });
}

/** What one paint in the place of another would change; nothing is taken. */
export function substitutionOptions(paint: number, instead: string) {
    return queryOptions({
        queryKey: [...paintKeys.substitutes(paint), instead],
        queryFn: ({ signal }) =>
            unwrap(
                api.POST('/api/paints/{paint}/substitution', {
                    params: { path: { paint } },
                    body: { instead, take: false },
                    signal,
                }),
            ),
    });
}

/** After a paint was stored: all of them are as they were answered, and schemes come out otherwise. */
export function showPaints(client: QueryClient, paints: Schemas['Paint'][]) {
    client.setQueryData(paintKeys.all, paints);
    void client.invalidateQueries({ queryKey: ['schemes'] });
}
