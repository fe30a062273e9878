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
    'name' | 'ground' | 'light' | 'light_own' | 'light_parts' | 'light_reach' | 'light_from' | 'focal' | 'accents' | 'note'
> & { last_light: 'shared' | 'series' | 'base' };

/** What can be done to a scheme. Every answer is the scheme as it is then. */
export function useScheme(scheme: Scheme, view: View) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const named = { ...(view.type === null ? {} : { type: view.type }), ...(view.tier === null ? {} : { tier: view.tier }) };
    const show = (now: Scheme) => {
        client.setQueryData(schemeKeys.view(scheme.id, view), now);
        void client.invalidateQueries({ queryKey: schemeKeys.all });
    };
    const reload = () => void client.invalidateQueries({ queryKey: schemeKeys.one(scheme.id) });
    const keep = useMutation<Scheme, ApiError, { draft: AreaDraft; area: Area | null }>({
        ...keptUntilSent,
        mutationFn: ({ draft, area }) =>
            unwrap(
                area?.id === null || area === null
                    ? api.POST('/api/schemes/{scheme}/areas', {
                          params: { path: { scheme: scheme.id } },
                          body: { ...draft, ...named },
                      })
                    : api.PUT('/api/scheme-areas/{schemeArea}', {
                          params: { path: { schemeArea: area.id } },
                          body: { ...draft, version: area.version, ...named },
                      }),
            ),
        onSuccess: show,
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
                            keep.mutate({ draft: draftOf(area), area: null });
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
