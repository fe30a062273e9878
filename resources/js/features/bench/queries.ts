import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const benchKeys = {
    all: ['bench'] as const,
    sheet: (job: number, key: string) => [...benchKeys.all, job, key] as const,
    marking: (job: number, key: string) => [...benchKeys.sheet(job, key), 'marking'] as const,
    faults: (figure: number) => [...benchKeys.all, 'faults', figure] as const,
    repair: (fault: number, layer: string | null, share: number | null) =>
        [...benchKeys.all, 'repair', fault, layer, share] as const,
};

export function benchOptions() {
    return queryOptions({ queryKey: benchKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/bench-sheets', { signal })) });
}

export function sheetOptions(job: number, key: string) {
    return queryOptions({
        queryKey: benchKeys.sheet(job, key),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/jobs/{job}/bench-sheets/{key}', { params: { path: { job, key } }, signal })),
    });
}

export function faultsOptions(figure: number) {
    return queryOptions({
        queryKey: benchKeys.faults(figure),
        queryFn: ({ signal }) => unwrap(api.GET('/api/figures/{figure}/faults', { params: { path: { figure } }, signal })),
    });
}

/** What is laid again: from the layer that the fault suggests, and of as much as is usual, where nothing else is said. */
export function repairOptions(fault: number, layer: string | null, share: number | null) {
    return queryOptions({
        queryKey: benchKeys.repair(fault, layer, share),
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/faults/{fault}/repair', {
                    params: {
                        path: { fault },
                        query: { ...(share === null ? {} : { share }), ...(layer === null ? {} : { layer }) },
                    },
                    signal,
                }),
            ),
    });
}
