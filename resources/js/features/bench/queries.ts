import { api, type Schemas, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export type MishapKind = Schemas['MishapKind']['kind'];

/** A mishap of which the repair is asked; a layer of null: the usual one. */
export interface MishapAsked {
    area: string;
    kind: MishapKind;
    layer: string | null;
    share: number;
}

export const benchKeys = {
    all: ['bench'] as const,
    list: (asked: BenchAsked) => [...benchKeys.all, 'list', asked] as const,
    sheet: (job: number, key: string) => [...benchKeys.all, job, key] as const,
    marking: (job: number, key: string) => [...benchKeys.sheet(job, key), 'marking'] as const,
    runs: () => [...benchKeys.all, 'runs'] as const,
    atHand: (job: number, key: string, line: number) => [...benchKeys.sheet(job, key), 'at-hand', line] as const,
    faults: (figure: number) => [...benchKeys.all, 'faults', figure] as const,
    mishapKinds: () => [...benchKeys.all, 'mishap-kinds'] as const,
    mishapRepair: (figure: number, told: MishapAsked) => [...benchKeys.all, 'mishap-repair', figure, told] as const,
    repair: (fault: number, layer: string | null, share: number | null) =>
        [...benchKeys.all, 'repair', fault, layer, share] as const,
};

/** What of the bench is listed: a page of it, what is looked for, one unit. */
export interface BenchAsked {
    page: number;
    find: string;
    unit: number | null;
}

export function benchOptions(asked: BenchAsked) {
    return queryOptions({
        queryKey: benchKeys.list(asked),
        queryFn: ({ signal }) => unwrap(api.GET('/api/bench-sheets', { params: { query: asked }, signal })),
    });
}

/** What can be painted in one run over several sheets. */
export function runsOptions() {
    return queryOptions({ queryKey: benchKeys.runs(), queryFn: ({ signal }) => unwrap(api.GET('/api/bench-runs', { signal })) });
}

/** What to have at hand for a line of a sheet. It is below the sheet, so that it is read anew with it. */
export function atHandOptions(job: number, key: string, line: number) {
    return queryOptions({
        queryKey: benchKeys.atHand(job, key, line),
        // What is in hand may have left the sheet by now.
        enabled: line >= 0,
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/jobs/{job}/bench-sheets/{key}/at-hand', {
                    params: { path: { job, key }, query: { line } },
                    signal,
                }),
            ),
    });
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

export function mishapKindsOptions() {
    return queryOptions({
        queryKey: benchKeys.mishapKinds(),
        queryFn: ({ signal }) => unwrap(api.GET('/api/mishap-kinds', { signal })),
        staleTime: Infinity,
    });
}

export function mishapRepairOptions(figure: number, asked: MishapAsked) {
    const { layer, ...query } = asked;
    return queryOptions({
        queryKey: benchKeys.mishapRepair(figure, asked),
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/figures/{figure}/mishap-repair', {
                    params: { path: { figure }, query: { ...query, ...(layer !== null && { layer }) } },
                    signal,
                }),
            ),
        retry: false,
    });
}
