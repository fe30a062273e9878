import { api, ApiError, type Schemas, unwrap } from '@api';
import { keptUntilSent } from '@shared/keptUntilSent';
import { untilAnswered } from '@shared/outbox';
import { requestKey } from '@shared/requestKey';
import { useMutation, useMutationState, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { benchKeys } from './queries';

export type MarkName = 'done' | 'later' | 'waived' | 'not-on-figure' | 'unreachable' | 'not-needed' | 'not-yet' | 'taken-back';

export interface Marking {
    step: Schemas['BenchStep'];
    /** Ids of figures. */
    figures: number[];
    state: MarkName;
    reason?: string;
    agreedWith?: string;
    /** Who looked on, of those who may; null: nobody. */
    lookedOn?: number | null;
}

/** A mix of a step, at all its places. */
interface Mixing {
    type: number;
    scheme: number | null;
    places: readonly Schemas['BenchStep'][];
    /** Place among the mixes of each, from 0. */
    at: number;
}

function mixesAt(places: Mixing['places'], at: number) {
    return places.flatMap((step) => step.mixes.slice(at, at + 1).map((mix) => ({ step, mix })));
}

/** One after the other; the first refusal ends it. */
export async function inTurn<T>(all: readonly T[], deed: (one: T) => Promise<unknown>): Promise<void> {
    for (const one of all) {
        await deed(one);
    }
}

/** Each figure with the mark that the page shows on it: what somebody else said since is not said over. */
function seenOn(step: Schemas['BenchStep'], figures: readonly number[]) {
    return figures.map((id) => ({ id, seen: step.marks.find((mark) => mark.figure_id === id)?.id ?? null }));
}

/** What is done on a bench sheet. */
export function useBench(job: number, key: string) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const onError = (error: ApiError) => {
        const stale = error.status === 409;
        notification.error({
            title: stale ? 'Somebody else marked it' : 'Not stored',
            description: stale
                ? 'What they said is shown now; yours was not stored. Mark it again if it still stands.'
                : error.message,
            duration: 0,
        });
        void client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) });
    };
    const marks = useMutation({
        ...keptUntilSent,
        mutationKey: benchKeys.marking(job, key),
        mutationFn: ({
            step,
            figures,
            state,
            reason = '',
            agreedWith = '',
            lookedOn = null,
            request,
        }: Marking & { request: string }) => {
            const body = {
                figures: seenOn(step, figures),
                area: step.area,
                use: step.use,
                state,
                reason,
                agreed_with: agreedWith,
                supervisor_id: step.may_look_on.some((one) => one.id === lookedOn) ? lookedOn : null,
                key: request,
            };
            return untilAnswered({ key: request, path: '/api/bench-marks', body }, () =>
                unwrap(api.POST('/api/bench-marks', { body })),
            );
        },
        onSuccess: (sheet) => client.setQueryData(benchKeys.sheet(job, key), sheet),
        onError,
    });
    const mark = (marking: Marking, onStored?: () => void) =>
        marks.mutate({ ...marking, request: requestKey() }, { ...(onStored && { onSuccess: onStored }) });
    const handOver = useMutation({
        mutationFn: (figures: number[]) => unwrap(api.POST('/api/hand-overs', { body: { figures } })),
        onSettled: () => client.invalidateQueries(),
        onError,
    });
    const mix = useMutation({
        mutationFn: ({ type, scheme, places, at, text }: Mixing & { text: string }) =>
            inTurn(mixesAt(places, at), ({ step, mix }) =>
                unwrap(
                    api.PUT('/api/jobs/{job}/mixes', {
                        params: { path: { job } },
                        body: {
                            figure_type_id: type,
                            scheme_id: scheme,
                            area: step.area,
                            use: step.use,
                            step: mix.step,
                            mix: text,
                            version: mix.version,
                        },
                    }),
                ),
            ),
        onSuccess: () => client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) }),
    });
    const keep = useMutation({
        mutationFn: ({ type, scheme, places, at }: Mixing) =>
            inTurn(mixesAt(places, at), ({ step, mix }) =>
                unwrap(
                    api.POST('/api/jobs/{job}/kept-mixes', {
                        params: { path: { job } },
                        body: { figure_type_id: type, scheme_id: scheme, area: step.area, use: step.use, step: mix.step },
                    }),
                ),
            ),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) });
            void client.invalidateQueries({ queryKey: ['schemes'] });
        },
        onError,
    });
    return { mark, handOver, mix, keep };
}

/** Ids of the figures whose mark on one of these places is on its way. */
export function useMarking(job: number, key: string, places: readonly Schemas['BenchStep'][]): number[] {
    return useMutationState({
        filters: { mutationKey: benchKeys.marking(job, key), status: 'pending' },
        select: (mutation) => mutation.state.variables as Marking,
    })
        .filter(({ step }) => places.some((place) => place.area === step.area && place.use === step.use))
        .flatMap((marking) => marking.figures);
}
