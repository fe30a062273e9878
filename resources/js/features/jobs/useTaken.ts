import type { Schemas } from '@api';
import { useRefused } from '@shared/useRefused';
import { useIsMutating, useMutation, useQueryClient } from '@tanstack/react-query';
import { jobKeys } from './queries';

function takes(job: number) {
    return [...jobKeys.detail(job), 'take'];
}

/**
 * Gives a job what was worked out beside its grid, all of it or none; what comes back is its grid as it is then.
 * It is under way until all that is known of the job is asked anew: the next press on the old would be refused as somebody
 * else's change, and it was one's own.
 */
export function useTaken<T>(job: number, send: (what: T) => Promise<Schemas['Grid']>, onTaken: () => void) {
    const client = useQueryClient();
    const refused = useRefused();
    return useMutation({
        mutationKey: takes(job),
        mutationFn: send,
        onSuccess: (grid) => {
            client.setQueryData(jobKeys.grid(job), grid);
            void client.invalidateQueries({ queryKey: ['bench'] });
            onTaken();
        },
        onError: (error) => refused(error, 'The page shows the job as it is now; nothing was taken.'),
        onSettled: () => client.invalidateQueries({ queryKey: jobKeys.detail(job) }),
    });
}

/** Whether anything is being given to the job so. */
export function useIsTaking(job: number): boolean {
    return useIsMutating({ mutationKey: takes(job) }) > 0;
}
