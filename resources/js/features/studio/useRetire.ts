import { api, type Schemas, unwrap } from '@api';
import { figureTypeKeys } from '@features/figureTypes';
import { useRefused } from '@shared/useRefused';
import { useMutation, useQueryClient } from '@tanstack/react-query';

/** Retires a figure type, or takes it up again. */
export function useRetire() {
    const client = useQueryClient();
    const refused = useRefused();
    return useMutation({
        mutationFn: ({ type, retired }: { type: Schemas['FigureType']; retired: boolean }) =>
            unwrap(
                api.PUT('/api/figure-types/{figureType}/retired', {
                    params: { path: { figureType: type.id } },
                    body: { version: type.version, retired },
                }),
            ),
        onError: (error) => refused(error, 'The list shows theirs now; yours was not stored.'),
        onSettled: () => void client.invalidateQueries({ queryKey: figureTypeKeys.all }),
    });
}
