import { api, type Schemas, unwrap } from '@api';
import { forget, keep, keptValue } from '@shared/kept';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sent, type TypeDraft } from './draft';
import { sentMaps } from './map/draftMaps';
import { figureTypeKeys, mapsOptions } from './queries';

const KEPT = 'figure type';

/** A figure type while it is taken down; what is typed is kept in the window until it is stored. */
export function useTypeDraft(stored: Schemas['FigureTypeDraft'] | null, start: TypeDraft, onStored: (id: number) => void) {
    const client = useQueryClient();
    const [draft, setDraft] = useState(() => (keptValue(KEPT) as TypeDraft | null) ?? start);
    const change = (next: Partial<TypeDraft>) => {
        const changed = { ...draft, ...next };
        keep(KEPT, changed);
        setDraft(changed);
        storing.reset();
    };
    const storing = useMutation<Schemas['FigureTypeDraft']>({
        mutationFn: () => {
            const body = {
                name: draft.name,
                size_class: draft.size_class,
                difficulty: draft.difficulty,
                areas: sent(draft.areas),
                maps: sentMaps(draft.maps, draft.areas),
            };
            return stored === null
                ? unwrap(api.POST('/api/figure-types', { body }))
                : unwrap(
                      api.PUT('/api/figure-types/{figureType}', {
                          params: { path: { figureType: stored.id } },
                          body: { ...body, version: stored.version },
                      }),
                  );
        },
        onSuccess: (type) => {
            forget(KEPT);
            // The form begins anew with what is stored: with its maps as they were sent, not as they were before.
            client.setQueryData(mapsOptions(type.id).queryKey, sentMaps(draft.maps, draft.areas));
            client.setQueryData(figureTypeKeys.one(type.id), type);
            void client.invalidateQueries({ queryKey: figureTypeKeys.all });
            onStored(type.id);
        },
    });
    const leave = () => {
        forget(KEPT);
        setDraft(start);
        storing.reset();
    };
    return { draft, change, leave, store: () => storing.mutate(), error: storing.error, isPending: storing.isPending };
}
