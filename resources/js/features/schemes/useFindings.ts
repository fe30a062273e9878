import { api, type ApiError, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { schemeKeys, type View } from './queries';

type Scheme = Schemas['Scheme'];
type Named = Pick<Schemas['SchemeFinding'], 'code' | 'figure_type' | 'area' | 'place'>;

/** What a lead says of findings about a scheme. Every answer is the scheme as it is then. */
export function useFindings(scheme: Scheme, view: View) {
    const client = useQueryClient();
    const path = { scheme: scheme.id };
    const named = ({ code, figure_type, area, place }: Named) => ({
        code,
        figure_type,
        area,
        place,
        ...(view.type === null ? {} : { type: view.type }),
        ...(view.tier === null ? {} : { tier: view.tier }),
    });
    const onSuccess = (now: Scheme) => {
        client.setQueryData(schemeKeys.view(scheme.id, view), now);
        void client.invalidateQueries({ queryKey: schemeKeys.one(scheme.id) });
    };
    const accept = useMutation<Scheme, ApiError, { finding: Named; reason: string }>({
        mutationFn: ({ finding, reason }) =>
            unwrap(api.PUT('/api/schemes/{scheme}/acceptances', { params: { path }, body: { ...named(finding), reason } })),
        onSuccess,
    });
    const reconsider = useMutation<Scheme, ApiError, Named>({
        mutationFn: (finding) =>
            unwrap(api.DELETE('/api/schemes/{scheme}/acceptances', { params: { path, query: named(finding) } })),
        onSuccess,
    });
    return { accept, reconsider };
}
