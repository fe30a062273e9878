import { api, type Schemas, unwrap } from '@api';
import { useRefused } from '@shared/useRefused';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { jobKeys } from './queries';

type Questions = Schemas['Grid']['questions'];

/** Answers to what a job asks before work, and to where its client has a say. */
export function useSettle({ id, version }: Pick<Schemas['Job'], 'id' | 'version'>) {
    const client = useQueryClient();
    const refused = useRefused();
    const settling = useMutation({
        mutationFn: (deed: () => Promise<unknown>) => deed(),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: ['bench'] });
            void client.invalidateQueries({ queryKey: ['checks'] });
        },
        onError: (error) => refused(error, 'The page shows the job as it is now; nothing was settled.'),
        // Under way until the page knows the job's new version: the next answer would be refused as somebody else's change.
        onSettled: () => client.invalidateQueries({ queryKey: jobKeys.detail(id) }),
    });
    return {
        isPending: settling.isPending,
        purpose: ({ name, client: of, due, state }: Schemas['Job'], purpose: 'played' | 'displayed') =>
            settling.mutate(() =>
                unwrap(
                    api.PUT('/api/jobs/{job}', {
                        params: { path: { job: id } },
                        body: { version, name, client: of, due, state, purpose },
                    }),
                ),
            ),
        /** Null: the client leaves it to the studio. */
        wish: (question: string, choice: string | null) =>
            settling.mutate(() =>
                unwrap(
                    api.PUT('/api/jobs/{job}/wishes', {
                        params: { path: { job: id } },
                        body: { version, question, choice },
                    }),
                ),
            ),
        whatItIs: ({ type_id, area }: Questions['unsure'][number], surface: string) =>
            settling.mutate(() =>
                unwrap(
                    api.POST('/api/jobs/{job}/figure-types/{figureType}/known-areas', {
                        params: { path: { job: id, figureType: type_id } },
                        body: { version, area, surface },
                    }),
                ),
            ),
    };
}
