import { api, ApiError, type Schemas, unwrap } from '@api';
import { requestKey } from '@shared/requestKey';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useNavigate } from 'react-router';
import type { FlawName } from './flaws';
import { checkKeys } from './queries';

type Check = Schemas['Check'];
export type AnswerName = 'holds' | 'does-not-hold' | 'not-done' | 'not-on-figure' | 'unreachable';
type ItemName = 'criterion' | 'excused';
export type SideName = 'front' | 'left' | 'back' | 'right' | 'above' | 'below';

/** What is done in a check. Each deed names the version it was done on; the answer is the check as it is then. */
export function useCheck(check: Check) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { notification } = App.useApp();
    const key = checkKeys.figure(check.figure_id);
    const path = { check: check.id };
    const version = check.version;
    const deed = useMutation({
        mutationFn: (act: () => Promise<Check>) => act(),
        onSuccess: (next) => client.setQueryData(key, next),
        onError: (error) => {
            const stale = error instanceof ApiError && error.status === 409;
            notification.warning({
                title: stale ? 'Somebody else answered in this check' : 'Not stored',
                description: stale
                    ? 'What they said is shown now; nothing of theirs or yours was lost. Repeat your last answer if it still stands.'
                    : error.message,
                duration: stale ? 8 : 0,
            });
            void client.invalidateQueries({ queryKey: key });
        },
    });
    const leave = async (to: string) => {
        await navigate(to);
        client.removeQueries({ queryKey: key });
        await client.invalidateQueries();
    };
    return {
        isPending: deed.isPending,
        answer: (item: Schemas['CheckItem'], answer: AnswerName, side: SideName, reason = '') =>
            deed.mutate(() =>
                unwrap(
                    api.POST('/api/checks/{check}/answers', {
                        params: { path },
                        body: {
                            version,
                            item: item.item as ItemName,
                            area: item.area,
                            criterion: item.criterion,
                            answer,
                            side,
                            reason,
                            key: requestKey(),
                        },
                    }),
                ),
            ),
        pass: (side: SideName) =>
            deed.mutate(() =>
                unwrap(api.POST('/api/checks/{check}/sides', { params: { path }, body: { version, side, key: requestKey() } })),
            ),
        flaw: (flaw: FlawName, area: string, side: SideName, size: number | null, note: string) =>
            deed.mutateAsync(() =>
                unwrap(
                    api.POST('/api/checks/{check}/flaws', {
                        params: { path },
                        body: { version, flaw, area, side, size_mm: size, note, key: requestKey() },
                    }),
                ),
            ),
        removeFlaw: (fault: number) =>
            deed.mutate(() =>
                unwrap(
                    api.DELETE('/api/checks/{check}/flaws/{fault}', { params: { path: { ...path, fault }, query: { version } } }),
                ),
            ),
        undo: () => deed.mutate(() => unwrap(api.POST('/api/checks/{check}/undo', { params: { path }, body: { version } }))),
        waive: (fault: Schemas['CheckFault'], agreedWith: string, reason: string) =>
            deed.mutateAsync(() =>
                unwrap(
                    api.POST('/api/faults/{fault}/waiver', {
                        params: { path: { fault: fault.id } },
                        body: { version: fault.version, agreed_with: agreedWith, reason },
                    }),
                ),
            ),
        refuse: (reason = '', area = '') =>
            deed.mutate(async () => {
                const next = await unwrap(
                    api.POST('/api/checks/{check}/refusal', { params: { path }, body: { version, reason, area } }),
                );
                await leave('/check');
                return next;
            }),
        agreeNotAsked: (area: string, reason: string, agreedWith: string) =>
            deed.mutateAsync(async () => {
                await unwrap(
                    api.POST('/api/units/{unit}/not-asked', {
                        params: { path: { unit: check.unit_id } },
                        body: {
                            version: check.unit_version,
                            figure_id: check.figure_id,
                            area,
                            reason,
                            agreed_with: agreedWith,
                        },
                    }),
                );
                return unwrap(api.GET('/api/checks/{check}', { params: { path } }));
            }),
        sign: () =>
            deed.mutate(async () => {
                const signed = await unwrap(api.POST('/api/checks/{check}/sign-off', { params: { path }, body: { version } }));
                await leave(`/records/${signed.row.id}`);
                return check;
            }),
    };
}
