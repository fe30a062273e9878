import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const jobKeys = {
    all: ['jobs'] as const,
    detail: (id: number) => [...jobKeys.all, id] as const,
    ownList: (id: number, tier: string) => [...jobKeys.detail(id), 'own', tier] as const,
    grid: (id: number) => [...jobKeys.detail(id), 'grid'] as const,
    layers: (id: number) => [...jobKeys.detail(id), 'layers'] as const,
    changes: (id: number) => [...jobKeys.detail(id), 'changes'] as const,
    types: (id: number) => [...jobKeys.detail(id), 'figure-types'] as const,
    schools: (id: number) => [...jobKeys.detail(id), 'schools'] as const,
};

/** Jobs that are open or closed, or those that were put into the archive. */
export function jobsOptions(archived = false) {
    return queryOptions({
        queryKey: [...jobKeys.all, ...(archived ? ['archive'] : [])],
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs', { params: { query: archived ? { archived: '1' } : {} }, signal })),
    });
}

export function jobOptions(id: number) {
    return queryOptions({
        queryKey: jobKeys.detail(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}', { params: { path: { job: id } }, signal })),
        staleTime: 60_000,
    });
}

export function gridOptions(id: number) {
    return queryOptions({
        queryKey: jobKeys.grid(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/figures', { params: { path: { job: id } }, signal })),
    });
}

/** What a unit takes as a batch, asked when its row opens. */
export function unitEstimateOptions(job: number, unit: number) {
    return queryOptions({
        queryKey: [...jobKeys.layers(job), 'estimate', unit],
        queryFn: ({ signal }) => unwrap(api.GET('/api/units/{unit}/estimate', { params: { path: { unit } }, signal })),
    });
}

/** One area of a figure layer by layer, asked when its cell opens. */
export function areaLayersOptions(job: number, figure: number, area: string) {
    return queryOptions({
        queryKey: [...jobKeys.layers(job), figure, area],
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/figures/{figure}/layers', { params: { path: { figure }, query: { area } }, signal })),
    });
}

/** What was changed of a job, the latest first, by page from 1. */
export function changesOptions(id: number, page: number) {
    return queryOptions({
        queryKey: [...jobKeys.changes(id), page],
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/jobs/{job}/changes', { params: { path: { job: id }, query: { page } }, signal })),
    });
}

export function ownListOptions(id: number, tier: string) {
    return queryOptions({
        queryKey: jobKeys.ownList(id, tier),
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/jobs/{job}/own-lists/{tier}', { params: { path: { job: id, tier } }, signal })),
    });
}

/** What of other tiers could be added on an area of a unit, or of one figure of it. */
export function furtherUsesOptions(unit: number, figure: number | null, area: string) {
    return queryOptions({
        queryKey: [...jobKeys.all, 'further-uses', unit, figure, area],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/units/{unit}/further-uses', {
                    params: { path: { unit }, query: { area, ...(figure === null ? {} : { figure_id: figure }) } },
                    signal,
                }),
            ),
        // What is on offer follows what was just agreed.
        gcTime: 0,
    });
}

export function jobTypesOptions(id: number) {
    return queryOptions({
        queryKey: jobKeys.types(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/figure-types', { params: { path: { job: id } }, signal })),
    });
}

export function schoolsOptions(id: number) {
    return queryOptions({
        queryKey: jobKeys.schools(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/schools', { params: { path: { job: id } }, signal })),
    });
}

export function schoolEffectsOptions(id: number, question: string) {
    return queryOptions({
        queryKey: [...jobKeys.schools(id), question],
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/jobs/{job}/schools/{question}', { params: { path: { job: id, question } }, signal })),
    });
}

export function peopleOptions() {
    return queryOptions({
        queryKey: ['people'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/people', { signal })),
        staleTime: 60_000,
    });
}

/** A roster as it is sent: what was put down of it, with what was said of its columns and words. */
export interface Given {
    text: string;
    /** What each column is, by its heading; null: left out. */
    columns: Readonly<Record<string, string | null>>;
    words: readonly Word[];
}

export interface Word {
    kind: 'tier' | 'figure_type';
    word: string;
    key: string;
}

function rosterBody({ text, columns, words }: Given) {
    return { text, columns: Object.entries(columns).map(([heading, as]) => ({ heading, as })), words: [...words] };
}

export function previewRoster(job: number, given: Given) {
    return unwrap(api.POST('/api/jobs/{job}/roster-preview', { params: { path: { job } }, body: rosterBody(given) }));
}

export function takeRoster(job: number, given: Given) {
    return unwrap(api.POST('/api/jobs/{job}/roster', { params: { path: { job } }, body: rosterBody(given) }));
}

/** A text file as it is; the answer has its text. No encoding: it is told from the bytes. */
export function readRosterFile(job: number, file: File, encoding: string | null) {
    const form = new FormData();
    form.append('file', file);
    if (encoding !== null) {
        form.append('encoding', encoding);
    }
    return unwrap(
        api.POST('/api/jobs/{job}/roster-preview', { params: { path: { job } }, body: {}, bodySerializer: () => form }),
    );
}
