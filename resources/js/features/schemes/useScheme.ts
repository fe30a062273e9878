import { api, type ApiError, type Schemas, unwrap } from '@api';
import { keptUntilSent } from '@shared/keptUntilSent';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App, Button } from 'antd';
import { createElement } from 'react';
import { type AreaDraft, draftOf } from './draft';
import { schemeKeys, type View } from './queries';

type Scheme = Schemas['Scheme'];
type Area = Schemas['SchemeArea'];

export type Head = Pick<
    Scheme,
    | 'name'
    | 'ground'
    | 'sketch'
    | 'sketch_cover'
    | 'light'
    | 'light_own'
    | 'light_parts'
    | 'light_reach'
    | 'light_from'
    | 'focal'
    | 'one_colour'
    | 'accents'
    | 'note'
> & { last_light: 'shared' | 'series' | 'base' };

/** The colours of an area on their way to be stored. */
export interface Kept {
    draft: AreaDraft;
    area: Area | null;
    /** Written on what was on its way itself: stored over what that one made. */
    follows: boolean;
}

/** Names what is on its way to one area, for a panel that is opened before its answer is there, and that answer. */
export function keepKey(scheme: number, area: string) {
    return ['scheme-area', scheme, area] as const;
}

/** What can be done to a scheme. Every answer is the scheme as it is then. `inHand` names the area whose colours are written. */
export function useScheme(scheme: Scheme, view: View, inHand = '') {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const named = { ...(view.type === null ? {} : { type: view.type }), ...(view.tier === null ? {} : { tier: view.tier }) };
    const show = (now: Scheme) => {
        client.setQueryData(schemeKeys.view(scheme.id, view), now);
        void client.invalidateQueries({ queryKey: schemeKeys.all });
    };
    const reload = () => void client.invalidateQueries({ queryKey: schemeKeys.one(scheme.id) });
    const key = keepKey(scheme.id, inHand);
    const keep = useMutation<Scheme, ApiError, Kept>({
        ...keptUntilSent,
        mutationKey: key,
        // One after the other, so the answer to the one before is known when this one goes out.
        mutationFn: ({ draft, area: on, follows }) => {
            const area = follows ? (client.getQueryData<Area>(key) ?? on) : on;
            return unwrap(
                area === null || area.id === null || area.inherited || area.figure_type !== draft.figure_type
                    ? api.POST('/api/schemes/{scheme}/areas', {
                          params: { path: { scheme: scheme.id } },
                          body: { ...draft, ...named },
                      })
                    : api.PUT('/api/scheme-areas/{schemeArea}', {
                          params: { path: { schemeArea: area.id } },
                          body: { ...draft, version: area.version, ...named },
                      }),
            );
        },
        onSuccess: (now) => {
            client.setQueryData(
                key,
                now.areas.find((area) => area.area === inHand),
            );
            show(now);
        },
        onError: reload,
    });
    const remove = useMutation<unknown, ApiError, Area>({
        mutationFn: (area) =>
            unwrap(
                api.DELETE('/api/scheme-areas/{schemeArea}', {
                    params: { path: { schemeArea: area.id ?? 0 }, query: { version: area.version ?? 0 } },
                }),
            ),
        onSuccess: (_, area) => {
            void client.invalidateQueries({ queryKey: schemeKeys.all });
            notification.info({
                key: area.area,
                title: `${area.area} is taken away`,
                actions: createElement(
                    Button,
                    {
                        onClick: () => {
                            notification.destroy(area.area);
                            keep.mutate({ draft: draftOf(area), area: null, follows: false });
                        },
                    },
                    'Undo',
                ),
                duration: 20,
            });
        },
        onError: reload,
    });
    const head = useMutation<Scheme, ApiError, Head>({
        mutationFn: (body) =>
            unwrap(
                api.PUT('/api/schemes/{scheme}', {
                    params: { path: { scheme: scheme.id } },
                    body: { ...body, version: scheme.version, ...named },
                }),
            ),
        onSuccess: show,
        onError: reload,
    });
    const paste = useMutation<Scheme, ApiError, string>({
        mutationFn: (text) =>
            unwrap(
                api.POST('/api/schemes/{scheme}/recipes', { params: { path: { scheme: scheme.id } }, body: { text, ...named } }),
            ),
        onSuccess: show,
    });
    const depart = useMutation<Scheme, ApiError, { area: string; text: string }>({
        mutationFn: (body) =>
            unwrap(api.POST('/api/schemes/{scheme}/departures', { params: { path: { scheme: scheme.id } }, body })),
        onSuccess: () => void client.invalidateQueries({ queryKey: schemeKeys.all }),
    });
    return { keep, remove, head, paste, depart };
}
