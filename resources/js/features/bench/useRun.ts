import { api, type ApiError, type Schemas, unwrap } from '@api';
import { requestKey } from '@shared/requestKey';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { benchKeys } from './queries';
import { inTurn } from './useBench';

/** Marks all places of a run as done, one after the other; the first refusal ends it, and what was stored stands. */
export function useRun() {
    const client = useQueryClient();
    const { notification } = App.useApp();
    return useMutation({
        mutationFn: (run: Schemas['BenchRun']) =>
            inTurn(run.places, (place) =>
                unwrap(
                    api.POST('/api/bench-marks', {
                        body: {
                            figures: place.figures.map(({ id, seen }) => ({ id, seen })),
                            area: place.area,
                            use: place.use,
                            state: 'done',
                            reason: '',
                            agreed_with: '',
                            key: requestKey(),
                        },
                    }),
                ),
            ),
        onError: (error: ApiError) =>
            notification.error({ title: 'Not all of it is stored', description: error.message, duration: 0 }),
        onSettled: () => client.invalidateQueries({ queryKey: benchKeys.all }),
    });
}
