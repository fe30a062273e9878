import { api, ApiError, type Schemas, unwrap } from '@api';
import { keptUntilSent } from '@shared/keptUntilSent';
import { untilAnswered } from '@shared/outbox';
import type { Point } from '@shared/pointing';
import { requestKey } from '@shared/requestKey';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useNavigate } from 'react-router';
import type { FlawName } from './flaws';
import { checkKeys } from './queries';

type Check = Schemas['Check'];
export type AnswerName = 'holds' | 'does-not-hold' | 'not-done' | 'not-on-figure' | 'unreachable';
export type SideName = 'front' | 'left' | 'back' | 'right' | 'above' | 'below';

export interface NotedFlaw {
    flaw: FlawName;
    area: string;
    side: SideName;
    /** In millimetres; of what is broken it says nothing. */
    size: number | null;
    note: string;
    /** Where on the picture of that side; null: nobody pointed at it. */
    place: Point | null;
}

/** What is done, on the check as it was then. */
interface Deed {
    version: number;
    request: string;
    act: (request: string) => Promise<Check>;
}

/** What is done in a check. Each deed names the version it was done on; the answer is the check as it is then. */
export function useCheck(check: Check) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { notification } = App.useApp();
    const cached = checkKeys.figure(check.figure_id);
    const path = { check: check.id };
    const version = check.version;
    const deed = useMutation({
        ...keptUntilSent,
        mutationFn: ({ act, request }: Deed) => act(request),
        onSuccess: (next) => client.setQueryData(cached, next),
        onError: (error) => {
            const stale = error instanceof ApiError && error.status === 409;
            notification.warning({
                title: stale ? 'Somebody else answered in this check' : 'Not stored',
                description: stale
                    ? 'What they said is shown now; nothing of theirs or yours was lost. Repeat your last answer if it still stands.'
                    : error.message,
                duration: stale ? 8 : 0,
            });
            void client.invalidateQueries({ queryKey: cached });
        },
    });
    const act = (what: Deed['act']) => deed.mutate({ version, request: requestKey(), act: what });
    const acted = (what: Deed['act']) => deed.mutateAsync({ version, request: requestKey(), act: what });
    const leave = async (to: string) => {
        await navigate(to);
        client.removeQueries({ queryKey: cached });
        await client.invalidateQueries();
    };
    return {
        // Once the answer is shown, the next key counts, though the mutation may not have been told of its end yet.
        isPending: deed.isPending && deed.variables.version === version,
        answer: (item: Schemas['CheckItem'], answer: AnswerName, side: SideName, reason = '') =>
            act((key) => {
                const { area, criterion } = item;
                const body = { version, item: item.item, area, criterion, answer, side, reason, key };
                return untilAnswered({ key, path: `/api/checks/${check.id}/answers`, body }, () =>
                    unwrap(api.POST('/api/checks/{check}/answers', { params: { path }, body })),
                );
            }),
        pass: (side: SideName) =>
            act((key) => {
                const body = { version, side, key };
                return untilAnswered({ key, path: `/api/checks/${check.id}/sides`, body }, () =>
                    unwrap(api.POST('/api/checks/{check}/sides', { params: { path }, body })),
                );
            }),
        flaw: ({ flaw, area, side, size, note, place }: NotedFlaw) =>
            acted((key) => {
                const body = { version, flaw, area, side, size_mm: size, note, key, ...place };
                return untilAnswered({ key, path: `/api/checks/${check.id}/flaws`, body }, () =>
                    unwrap(api.POST('/api/checks/{check}/flaws', { params: { path }, body })),
                );
            }),
        removeFlaw: (fault: number) =>
            act(() =>
                unwrap(
                    api.DELETE('/api/checks/{check}/flaws/{fault}', { params: { path: { ...path, fault }, query: { version } } }),
                ),
            ),
        undo: () => act(() => unwrap(api.POST('/api/checks/{check}/undo', { params: { path }, body: { version } }))),
        waive: (fault: Schemas['CheckFault'], agreedWith: string, reason: string) =>
            acted(() =>
                unwrap(
                    api.POST('/api/faults/{fault}/waiver', {
                        params: { path: { fault: fault.id } },
                        body: { version: fault.version, agreed_with: agreedWith, reason },
                    }),
                ),
            ),
        refuse: (reason = '', area = '') =>
            act(async () => {
                const next = await unwrap(
                    api.POST('/api/checks/{check}/refusal', { params: { path }, body: { version, reason, area } }),
                );
                await leave('/check');
                return next;
            }),
        agreeNotAsked: (area: string, reason: string, agreedWith: string) =>
            acted(async () => {
                await unwrap(
                    api.POST('/api/units/{unit}/not-asked', {
                        params: { path: { unit: check.unit_id } },
                        body: {
                            version: check.unit_version,
                            figures: [check.figure_id],
                            area,
                            reason,
                            agreed_with: agreedWith,
                        },
                    }),
                );
                return unwrap(api.GET('/api/checks/{check}', { params: { path } }));
            }),
        sign: () =>
            act(async () => {
                const signed = await unwrap(api.POST('/api/checks/{check}/sign-off', { params: { path }, body: { version } }));
                await leave(`/records/${signed.row.id}`);
                return check;
            }),
    };
}
