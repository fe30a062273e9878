import { api, type Schemas, unwrap } from '@api';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { Change, UseDoc } from './document';

export const standardKeys = {
    all: ['standards'] as const,
    sheet: (version: number) => [...standardKeys.all, version, 'sheet'] as const,
    draft: (version: number) => [...standardKeys.all, version, 'draft'] as const,
    plates: (version: number) => [...standardKeys.all, version, 'plates'] as const,
    moves: (version: number) => [...standardKeys.all, version, 'moves'] as const,
};

export function standardsOptions() {
    return queryOptions({ queryKey: standardKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/standards', { signal })) });
}

const at = (version: number) => ({ path: { standardVersion: version } });

export function sheetOptions(version: number) {
    return queryOptions({
        queryKey: standardKeys.sheet(version),
        queryFn: ({ signal }) => unwrap(api.GET('/api/standards/{standardVersion}', { params: at(version), signal })),
    });
}

export function draftOptions(version: number) {
    return queryOptions({
        queryKey: standardKeys.draft(version),
        queryFn: ({ signal }) => unwrap(api.GET('/api/standards/{standardVersion}/draft', { params: at(version), signal })),
    });
}

/** Whose colours plates can be shown in. */
export function schemesOptions() {
    return queryOptions({
        queryKey: ['schemes'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/schemes', { signal })),
    });
}

/** Plates of one surface at all tiers, in greys or in the colours of a scheme. The revision makes plates of an older one stale. */
export function platesOptions(version: number, revision: number, surface: string, scheme: number | null = null) {
    return queryOptions({
        queryKey: [...standardKeys.plates(version), surface, revision, ...(scheme === null ? [] : [scheme])],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/standards/{standardVersion}/plates', {
                    params: { ...at(version), query: { surface, ...(scheme !== null && { scheme }) } },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
        staleTime: Infinity,
    });
}

/** What each extent means for a technique on a surface. */
export function extentsOptions(version: number, surface: string, technique: string) {
    return queryOptions({
        queryKey: [...standardKeys.all, version, 'extents', surface, technique],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/standards/{standardVersion}/extents', {
                    params: { ...at(version), query: { surface, technique } },
                    signal,
                }),
            ),
        staleTime: Infinity,
        retry: false,
    });
}

/** Where a use of the whole figure lies among what a tier asks of each surface. */
export function liesAmongOptions(version: number, tier: string, technique: string, use: Pick<UseDoc, 'stage' | 'except'>) {
    const { stage, except = [] } = use;
    const query = { tier, technique, ...(stage !== undefined && { stage }), except };
    return queryOptions({
        queryKey: [...standardKeys.all, version, 'lies-among', query],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/standards/{standardVersion}/lies-among', {
                    params: { ...at(version), query },
                    // A list in an address stands under a name with brackets.
                    querySerializer: ({ except: surfaces = [], ...rest }) =>
                        new URLSearchParams([
                            ...Object.entries(rest).map(([name, word]) => [name, word ?? '']),
                            ...surfaces.map((surface) => ['except[]', surface]),
                        ]).toString(),
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
        retry: false,
    });
}

/** What a change that is not stored yet would make of the draft. */
export function previewOptions(version: number, changes: readonly Change[]) {
    return queryOptions({
        queryKey: [...standardKeys.draft(version), 'preview', changes],
        queryFn: ({ signal }) => postPreview(version, changes, signal),
        placeholderData: keepPreviousData,
        gcTime: 10_000,
        retry: false,
    });
}

function postPreview(version: number, changes: readonly Change[], signal: AbortSignal): Promise<Schemas['Preview']> {
    return unwrap(
        api.POST('/api/standards/{standardVersion}/previews', { params: at(version), body: { changes: [...changes] }, signal }),
    );
}

export function vocabularyOptions() {
    return queryOptions({
        queryKey: ['vocabulary'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/vocabulary', { signal })),
        staleTime: Infinity,
    });
}

export function laddersOptions() {
    return queryOptions({
        queryKey: ['ladders'],
        queryFn: ({ signal }) => unwrap(api.GET('/api/ladders', { signal })),
        staleTime: Infinity,
    });
}

export function differenceOptions(version: number, from?: number) {
    return queryOptions({
        queryKey: [...standardKeys.all, version, 'difference', from ?? null],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/standards/{standardVersion}/difference', {
                    params: { ...at(version), query: from === undefined ? {} : { from } },
                    signal,
                }),
            ),
    });
}

/** What the version would change for each running job that is not on it. */
export function movesOptions(version: number) {
    return queryOptions({
        queryKey: standardKeys.moves(version),
        queryFn: ({ signal }) => unwrap(api.GET('/api/standards/{standardVersion}/jobs', { params: at(version), signal })),
    });
}

export function raiseOptions(version: number, figureType: number, from: string, to: string) {
    return queryOptions({
        queryKey: [...standardKeys.all, version, 'raise', figureType, from, to],
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/standards/{standardVersion}/raise', {
                    params: { ...at(version), query: { figure_type: figureType, from, to } },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
    });
}

/** Two tiers beside each other, the right one perhaps of another version. */
export interface Sides {
    left: string;
    right: string;
    with: number;
}

export function askForComparison(standardVersion: number, sides: Sides, signal: AbortSignal) {
    return unwrap(
        api.POST('/api/standards/{standardVersion}/comparison', {
            params: { path: { standardVersion } },
            body: sides,
            signal,
        }),
    );
}
