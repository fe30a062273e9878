import { api, unwrap } from '@api';
import { jobKeys } from '@features/jobs';
import { useRefused } from '@shared/useRefused';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Budget } from './queries';

/** Gives units and figures the tiers that the budget was spent on, all of them or none. */
export function useTakeMix(job: number, onTaken: () => void) {
    const client = useQueryClient();
    const refused = useRefused();
    return useMutation({
        mutationFn: (budget: Budget) => {
            const chosen = budget.groups.flatMap((group) => (group.chosen === null ? [] : [{ ...group, tier: group.chosen }]));
            return unwrap(
                api.PUT('/api/jobs/{job}/mix', {
                    params: { path: { job } },
                    body: {
                        units: chosen
                            .filter((group) => !group.own)
                            .flatMap(({ units, tier }) => units.map(({ id, version }) => ({ id, version, tier }))),
                        figures: chosen
                            .filter((group) => group.own)
                            .flatMap(({ figures, tier }) => figures.map(({ id, version }) => ({ id, version, tier }))),
                    },
                }),
            );
        },
        onSuccess: (grid) => {
            client.setQueryData(jobKeys.grid(job), grid);
            void client.invalidateQueries({ queryKey: ['bench'] });
            onTaken();
        },
        onError: (error) => refused(error, 'The page shows the job as it is now; nothing was taken.'),
        onSettled: () => void client.invalidateQueries({ queryKey: jobKeys.detail(job) }),
    });
}
