import { api, type ApiError, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { benchKeys } from './queries';

type State = 'done' | 'later' | 'waived' | 'not-on-figure' | 'unreachable' | null;

/** What is done on a bench sheet. */
export function useBench(job: number, key: string) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const onError = (error: ApiError) => {
        notification.error({ title: 'Not stored', description: error.message, duration: 0 });
        void client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) });
    };
    const mark = useMutation({
        mutationFn: ({
            step,
            figures,
            state,
            reason = '',
        }: {
            step: Schemas['BenchStep'];
            figures: number[];
            state: State;
            reason?: string;
        }) => unwrap(api.POST('/api/bench-marks', { body: { figures, area: step.area, use: step.use, state, reason } })),
        onSuccess: (sheet) => client.setQueryData(benchKeys.sheet(job, key), sheet),
        onError,
    });
    const handOver = useMutation({
        mutationFn: (figures: number[]) => unwrap(api.POST('/api/hand-overs', { body: { figures } })),
        onSettled: () => client.invalidateQueries(),
        onError,
    });
    const mix = useMutation({
        mutationFn: ({
            type,
            step,
            at,
            text,
        }: {
            type: number;
            step: Schemas['BenchStep'];
            at: Schemas['StepMix'];
            text: string;
        }) =>
            unwrap(
                api.PUT('/api/jobs/{job}/mixes', {
                    params: { path: { job } },
                    body: { figure_type_id: type, area: step.area, use: step.use, step: at.step, mix: text, version: at.version },
                }),
            ),
        onSuccess: () => client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) }),
    });
    const keep = useMutation({
        mutationFn: ({ type, step, at }: { type: number; step: Schemas['BenchStep']; at: Schemas['StepMix'] }) =>
            unwrap(
                api.POST('/api/jobs/{job}/kept-mixes', {
                    params: { path: { job } },
                    body: { figure_type_id: type, area: step.area, use: step.use, step: at.step },
                }),
            ),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: benchKeys.sheet(job, key) });
            void client.invalidateQueries({ queryKey: ['schemes'] });
        },
        onError,
    });
    return { mark, handOver, mix, keep };
}
