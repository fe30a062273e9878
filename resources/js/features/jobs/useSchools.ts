import { api, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { jobKeys } from './queries';
import { useRefused } from '@shared/useRefused';

export type SchoolQuestion = Schemas['JobSchool'];

/** Lets a job hold to a school of its own; null: to that of its standard. */
export function useSchools(schools: Schemas['JobSchools']) {
    const client = useQueryClient();
    const refused = useRefused();
    const job = schools.job.id;
    return useMutation({
        mutationFn: ({ question, choice }: { question: string; choice: string | null }) =>
            unwrap(
                api.PUT('/api/jobs/{job}/schools', {
                    params: { path: { job } },
                    body: { version: schools.job.version, question, choice },
                }),
            ),
        onSuccess: (next) => {
            client.setQueryData(jobKeys.schools(job), next);
            void client.invalidateQueries({ queryKey: jobKeys.schools(job) });
            void client.invalidateQueries({ queryKey: jobKeys.detail(job), exact: true });
            void client.invalidateQueries({ queryKey: ['bench'] });
        },
        onError: (error) => {
            refused(error, 'The page shows theirs now; yours was not stored.');
            void client.invalidateQueries({ queryKey: jobKeys.schools(job) });
        },
    });
}
