import { api, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import type { Change, Draft } from './document';
import { standardKeys } from './queries';
import { postChanges } from './usePiece';

/** Deeds in a draft as a whole. Each answers with the draft as it is after it. */
export function useDraft(version: number) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const deed = useMutation({
        mutationFn: (work: () => Promise<Draft>) => work(),
        onSuccess: (draft) => client.setQueryData(standardKeys.draft(version), draft),
        onError: (error) => {
            notification.error({ title: 'Not changed', description: error.message, duration: 0 });
            void client.invalidateQueries({ queryKey: standardKeys.draft(version), exact: true });
        },
    });
    const params = { path: { standardVersion: version } };
    return {
        isPending: deed.isPending,
        undo: () => deed.mutate(() => unwrap(api.POST('/api/standards/{standardVersion}/undo', { params }))),
        redo: () => deed.mutate(() => unwrap(api.POST('/api/standards/{standardVersion}/redo', { params }))),
        change: (changes: readonly Change[]) => deed.mutate(() => postChanges(version, changes)),
        changeAsync: (changes: readonly Change[]) => deed.mutateAsync(() => postChanges(version, changes)),
    };
}
