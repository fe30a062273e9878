import { api, unwrap } from '@api';
import { useTaken } from '@features/jobs';
import type { Budget } from './queries';

/** Gives units and figures the tiers that the budget was spent on. */
export function useTakeMix(job: number, onTaken: () => void) {
    return useTaken(
        job,
        (budget: Budget) => {
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
        onTaken,
    );
}
