import { api, unwrap } from '@api';
import { useRefused } from '@shared/useRefused';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { jobKeys } from './queries';

/** Takes a figure type into a job as the studio has it by now. */
export function useTakeType(job: number, version: number) {
    const client = useQueryClient();
    const refused = useRefused();
    return useMutation({
        mutationFn: (type: number) =>
            unwrap(
                api.POST('/api/jobs/{job}/figure-types/{figureType}', {
                    params: { path: { job, figureType: type } },
                    body: { version },
                }),
            ),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: ['bench'] });
            void client.invalidateQueries({ queryKey: ['checks'] });
        },
        onError: (error) => refused(error, 'The page shows the job as it is now; nothing was taken.'),
        // Under way until the page knows the job's new version: the next type would be refused as somebody else's change.
        onSettled: () => client.invalidateQueries({ queryKey: jobKeys.detail(job) }),
    });
}
