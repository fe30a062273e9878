import { api, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { jobKeys } from './queries';
import { useRefused } from '@shared/useRefused';

export interface OwnUse {
    id?: string;
    technique?: string;
    [member: string]: unknown;
}

/** What is asked of one surface, as in a document of the standard. */
export interface OwnRequirement {
    uses: OwnUse[];
    criteria?: { id: string; text: string; severity: string; [member: string]: unknown }[];
    [member: string]: unknown;
}

/** Changes of a job's own list. Each answers with the list as it is after it. */
export function useOwnList(list: Schemas['OwnList']) {
    const client = useQueryClient();
    const refused = useRefused();
    const key = jobKeys.ownList(list.job.id, list.tier);
    const change = useMutation({
        mutationFn: (deed: () => Promise<Schemas['OwnList']>) => deed(),
        onSuccess: (next) => {
            client.setQueryData(key, next);
            void client.invalidateQueries({ queryKey: jobKeys.grid(list.job.id) });
            void client.invalidateQueries({ queryKey: ['bench'] });
        },
        onError: (error) => {
            refused(error, 'The list shows theirs now; yours was not stored.');
            void client.invalidateQueries({ queryKey: key });
        },
    });
    const job = list.job.id;
    const { version } = list.job;
    return {
        isPending: change.isPending,
        copy: (from: string) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/jobs/{job}/own-lists', {
                        params: { path: { job } },
                        body: { version, tier: list.tier, from },
                    }),
                ),
            ),
        write: (surface: string, requirement: OwnRequirement | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/jobs/{job}/own-lists', {
                        params: { path: { job } },
                        body: { version, tier: list.tier, surface, requirement },
                    }),
                ),
            ),
    };
}
