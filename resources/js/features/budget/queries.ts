import { api, type Schemas, unwrap } from '@api';
import { jobKeys } from '@features/jobs';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';

export type Budget = Schemas['Budget'];
export type BudgetGroup = Schemas['BudgetGroup'];
export type Measure = Budget['measure'];

export interface Asked {
    measure: Measure;
    /** Null: what the job takes now. */
    budget: number | null;
    /** Tiers that are settled, by group. */
    fixed: Readonly<Record<string, string>>;
    /** Whether units of one type that are at one tier stay at one. */
    alike: boolean;
}

export function budgetOptions(job: number, { measure, budget, fixed, alike }: Asked) {
    return queryOptions<Budget>({
        queryKey: [...jobKeys.detail(job), 'budget', measure, budget, fixed, alike],
        queryFn: ({ signal }) =>
            unwrap(
                api.POST('/api/jobs/{job}/budget', {
                    params: { path: { job } },
                    body: {
                        measure,
                        budget,
                        alike,
                        fixed: Object.entries(fixed).map(([group, tier]) => ({ group, tier })),
                    },
                    signal,
                }),
            ),
        placeholderData: keepPreviousData,
        retry: false,
    });
}

/** Where so many minutes more are best spent. */
export function effortOptions(job: number, minutes: number) {
    return queryOptions({
        queryKey: [...jobKeys.detail(job), 'effort', minutes],
        queryFn: ({ signal }) =>
            unwrap(api.GET('/api/jobs/{job}/effort', { params: { path: { job }, query: { minutes } }, signal })),
        placeholderData: keepPreviousData,
        retry: false,
    });
}
