import { api, type ApiError, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useEffect, useState } from 'react';
import { benchKeys } from './queries';

/** A minute in milliseconds. */
const MINUTE = 60_000;

/** The clock at the bench: begun, stopped, and what it said corrected. */
export function useClock(sheet: Schemas['BenchSheet']) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const key = benchKeys.sheet(sheet.job.id, sheet.key);
    const onError = (error: ApiError) => {
        notification.error({ title: 'Not stored', description: error.message, duration: 0 });
        void client.invalidateQueries({ queryKey: key });
    };
    const onSuccess = () => client.invalidateQueries({ queryKey: benchKeys.all });
    const start = useMutation({
        mutationFn: () => unwrap(api.POST('/api/bench-clock', { body: { unit_id: sheet.unit.id } })),
        onSuccess,
        onError,
    });
    const stop = useMutation({ mutationFn: () => unwrap(api.DELETE('/api/bench-clock')), onSuccess, onError });
    const correct = useMutation({
        mutationFn: ({ id, minutes, version }: { id: number; minutes: number | null; version: number }) =>
            unwrap(
                api.PATCH('/api/worked-times/{workedTime}', {
                    params: { path: { workedTime: id } },
                    body: { minutes, version },
                }),
            ),
        onSuccess: (next) => client.setQueryData(key, next),
        onError,
    });
    return { start, stop, correct };
}

/** Minutes that a clock has run by now. The studio says how long it ran when the sheet was read, so that a clock of a tablet that goes wrong does no harm. */
export function useMinutesRun(sheet: Schemas['BenchSheet']): number {
    const read = useQueryClient().getQueryState(benchKeys.sheet(sheet.job.id, sheet.key))?.dataUpdatedAt ?? 0;
    const [now, setNow] = useState(read);
    const runs = sheet.clock !== null;
    useEffect(() => {
        if (!runs) {
            return undefined;
        }
        const timer = setInterval(() => setNow(Date.now()), MINUTE / 2);
        return () => clearInterval(timer);
    }, [runs]);
    return (sheet.clock?.minutes ?? 0) + Math.max(0, now - read) / MINUTE;
}
