import type { ApiError, Schemas } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { planKeys } from './queries';

type Plan = Schemas['JobPlan'];

/** Something that the lead decides of a planned job; what comes back is the plan as it is then. */
export function useDeed<T>(plan: Plan, send: (what: T) => Promise<Plan>, onDone: () => void) {
    const client = useQueryClient();
    return useMutation<Plan, ApiError, T>({
        mutationFn: send,
        onSuccess: (next) => {
            client.setQueryData(planKeys.job(plan.job.id), next);
            void client.invalidateQueries({ queryKey: planKeys.studio });
            void client.invalidateQueries({ queryKey: ['jobs'] });
            onDone();
        },
        onError: (error) => {
            if (error.status === 409) {
                void client.invalidateQueries({ queryKey: planKeys.job(plan.job.id) });
            }
        },
    });
}
