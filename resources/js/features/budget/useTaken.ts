import type { Schemas } from '@api';
import { jobKeys } from '@features/jobs';
import { useRefused } from '@shared/useRefused';
import { useMutation, useQueryClient } from '@tanstack/react-query';

/** Gives a job what was reckoned for it, all of it or none; what comes back is its grid as it is then. */
export function useTaken<T>(job: number, send: (what: T) => Promise<Schemas['Grid']>, onTaken: () => void) {
    const client = useQueryClient();
    const refused = useRefused();
    return useMutation({
        mutationFn: send,
        onSuccess: (grid) => {
            client.setQueryData(jobKeys.grid(job), grid);
            void client.invalidateQueries({ queryKey: ['bench'] });
            onTaken();
        },
        onError: (error) => refused(error, 'The page shows the job as it is now; nothing was taken.'),
        onSettled: () => void client.invalidateQueries({ queryKey: jobKeys.detail(job) }),
    });
}
