import { api, type ApiError, unwrap } from '@api';
import { jobKeys } from '@features/jobs';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { GroupingDraft } from './draft';
import { type Grouping, groupingKeys, type Groupings } from './queries';

/** What is done with a grouping; what comes back is all groupings of the job as they are then. */
function useDeed<T>(job: number, send: (what: T) => Promise<Groupings>, onDone: () => void) {
    const client = useQueryClient();
    return useMutation<Groupings, ApiError, T>({
        mutationFn: send,
        onSuccess: (next) => {
            client.setQueryData(groupingKeys.of(job), next);
            void client.invalidateQueries({ queryKey: jobKeys.changes(job) });
            onDone();
        },
        onError: (error) => {
            if (error.status === 409) {
                void client.invalidateQueries({ queryKey: groupingKeys.of(job) });
            }
        },
    });
}

/** Makes one, or changes the one that was read. */
export function useKeepGrouping(job: number, grouping: Grouping | null, onDone: () => void) {
    return useDeed(
        job,
        ({ name, groups }: GroupingDraft) => {
            const body = { name, groups: groups.map((group) => ({ name: group.name, figures: [...group.figures] })) };
            return grouping === null
                ? unwrap(api.POST('/api/jobs/{job}/groupings', { params: { path: { job } }, body }))
                : unwrap(
                      api.PUT('/api/groupings/{grouping}', {
                          params: { path: { grouping: grouping.id } },
                          body: { version: grouping.version, ...body },
                      }),
                  );
        },
        onDone,
    );
}

export function useRemoveGrouping(job: number, grouping: Grouping, onDone: () => void) {
    return useDeed(
        job,
        () =>
            unwrap(
                api.DELETE('/api/groupings/{grouping}', {
                    params: { path: { grouping: grouping.id }, query: { version: grouping.version } },
                }),
            ),
        onDone,
    );
}
