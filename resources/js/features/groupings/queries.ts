import { api, type Schemas, unwrap } from '@api';
import { jobKeys } from '@features/jobs';
import { queryOptions } from '@tanstack/react-query';

export type Groupings = Schemas['Groupings'];
export type Grouping = Schemas['Grouping'];
export type FigureGroup = Schemas['FigureGroup'];

export const groupingKeys = { of: (job: number) => [...jobKeys.detail(job), 'groupings'] as const };

export function groupingsOptions(job: number) {
    return queryOptions({
        queryKey: groupingKeys.of(job),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/groupings', { params: { path: { job } }, signal })),
    });
}
