import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const standardKeys = {
    all: ['standards'] as const,
    sheet: (version: number) => [...standardKeys.all, version] as const,
};

export function standardsOptions() {
    return queryOptions({ queryKey: standardKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/standards', { signal })) });
}

export function sheetOptions(version: number) {
    return queryOptions({
        queryKey: standardKeys.sheet(version),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/standards/{standardVersion}', { params: { path: { standardVersion: version } }, signal })),
    });
}
