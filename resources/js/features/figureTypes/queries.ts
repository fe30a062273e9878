import { api, type Schemas, unwrap } from '@api';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { sent } from './draft';

type Areas = ReturnType<typeof sent>;

export const figureTypeKeys = {
    all: ['figure-types'] as const,
    one: (id: number) => [...figureTypeKeys.all, id] as const,
};

export function figureTypesOptions() {
    return queryOptions({
        queryKey: figureTypeKeys.all,
        queryFn: ({ signal }) => unwrap(api.GET('/api/figure-types', { signal })),
    });
}

export function figureTypeOptions(id: number) {
    return queryOptions({
        queryKey: figureTypeKeys.one(id),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/figure-types/{figureType}', { params: { path: { figureType: id } }, signal })),
    });
}

/** The sides of a type as they are laid out, to go on with. */
export function mapsOptions(id: number) {
    return queryOptions({
        queryKey: [...figureTypeKeys.one(id), 'maps'] as const,
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/figure-types/{figureType}/maps', { params: { path: { figureType: id } }, signal })),
    });
}

/** What the pictures say of areas that are still being taken down. */
export function measurementOptions(areas: Areas, maps: readonly Schemas['TypeMap'][]) {
    return queryOptions<Schemas['Measurement']>({
        queryKey: ['figure-type-measurement', areas, maps],
        queryFn: ({ signal }) => unwrap(api.POST('/api/figure-types/measurement', { body: { areas, maps: [...maps] }, signal })),
        placeholderData: keepPreviousData,
        enabled: areas.length > 0 && maps.length > 0,
        gcTime: 10_000,
        retry: false,
    });
}

/** What follows from areas that are still being taken down. */
export function outlineOptions(areas: Areas) {
    return queryOptions<Schemas['Outline']>({
        queryKey: ['figure-type-outline', areas],
        queryFn: ({ signal }) => unwrap(api.POST('/api/figure-types/outline', { body: { areas }, signal })),
        placeholderData: keepPreviousData,
        enabled: areas.length > 0,
        gcTime: 10_000,
        retry: false,
    });
}
