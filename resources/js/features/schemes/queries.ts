import { api, type Schemas, unwrap } from '@api';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import type { AreaDraft } from './draft';

/** On which figure type and at which tier a scheme is looked at; nothing named: as the studio sees fit. */
export interface View {
    type: string | null;
    tier: string | null;
}

export const schemeKeys = {
    all: ['schemes'] as const,
    one: (scheme: number) => [...schemeKeys.all, scheme] as const,
    view: (scheme: number, view: View) => [...schemeKeys.one(scheme), 'view', view.type, view.tier] as const,
    plates: (scheme: number, type: string | null, area: string | null) =>
        [...schemeKeys.one(scheme), 'plates', type, area] as const,
};

export function schemesOptions() {
    return queryOptions({
        queryKey: schemeKeys.all,
        queryFn: ({ signal }) => unwrap(api.GET('/api/schemes', { signal })),
    });
}

function named(view: { type?: string | null; tier?: string | null; area?: string | null }) {
    return Object.fromEntries(Object.entries(view).filter(([, value]) => value !== null)) as Record<string, string>;
}

export function schemeOptions(scheme: number, view: View) {
    return queryOptions({
        queryKey: schemeKeys.view(scheme, view),
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/schemes/{scheme}', {
                    params: { path: { scheme }, query: named({ ...view }) },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
    });
}

/** Plates tier beside tier: of one area, or of the whole figure. */
export function platesOptions(scheme: number, type: string | null, area: string | null) {
    return queryOptions({
        queryKey: schemeKeys.plates(scheme, type, area),
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/schemes/{scheme}/plates', {
                    params: { path: { scheme }, query: named({ type, area }) },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
    });
}

/** An area as it would come out, written so; nothing is stored. */
export function previewOptions(scheme: number, view: View, draft: AreaDraft, figures: number) {
    return queryOptions<Schemas['SchemeAreaPreview']>({
        queryKey: [...schemeKeys.one(scheme), 'preview', view.type, view.tier, draft, figures],
        queryFn: ({ signal }) =>
            unwrap(
                api.POST('/api/schemes/{scheme}/area-previews', {
                    params: { path: { scheme } },
                    body: { ...draft, ...named({ ...view }), figures },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
        gcTime: 10_000,
        retry: false,
    });
}

export function askForProof(scheme: number, type: string, signal: AbortSignal) {
    return unwrap(api.POST('/api/schemes/{scheme}/proof-sheet', { params: { path: { scheme } }, body: { type }, signal }));
}
