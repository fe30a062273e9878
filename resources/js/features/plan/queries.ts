import { api, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const planKeys = {
    all: ['plan'] as const,
    job: (id: number) => [...planKeys.all, 'job', id] as const,
    painters: (id: number, anew: boolean) => [...planKeys.all, 'painters', id, anew] as const,
    studio: ['plan', 'studio'] as const,
    hours: ['plan', 'hours'] as const,
    calendar: ['plan', 'calendar'] as const,
};

/** A plan follows from all that is marked, given out and written down: one that was read before is not shown again. */
const ANEW = { staleTime: 0, gcTime: 0 } as const;

export function jobPlanOptions(id: number) {
    return queryOptions({
        queryKey: planKeys.job(id),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/plan', { params: { path: { job: id } }, signal })),
        ...ANEW,
    });
}

export function paintersOptions(id: number, anew: boolean) {
    return queryOptions({
        queryKey: planKeys.painters(id, anew),
        queryFn: ({ signal }) =>
            unwrap(
                api.GET('/api/jobs/{job}/painters', {
                    params: { path: { job: id }, query: { anew: anew ? '1' : null } },
                    signal,
                }),
            ),
        ...ANEW,
    });
}

export function studioPlanOptions() {
    return queryOptions({
        queryKey: planKeys.studio,
        queryFn: ({ signal }) => unwrap(api.GET('/api/plan', { signal })),
        ...ANEW,
    });
}

export function hoursOptions() {
    return queryOptions({ queryKey: planKeys.hours, queryFn: ({ signal }) => unwrap(api.GET('/api/hours', { signal })) });
}

export function calendarOptions() {
    return queryOptions({
        queryKey: planKeys.calendar,
        queryFn: ({ signal }) => unwrap(api.GET('/api/calendar-link', { signal })),
    });
}
