import { api, type Paths, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { areaDeeds } from './areaDeeds';
import { jobKeys } from './queries';
import { useRefused } from '@shared/useRefused';

type Unit = Schemas['GridUnit'];
type Figure = Schemas['GridFigure'];
type Grid = Schemas['Grid'];

interface Change {
    tier?: string;
    painter_id?: number | null;
    /** Of several, each figure takes one in turn. */
    schemes?: number[];
}

export type RowsChange = Paths['/api/jobs/{job}/rows']['patch']['requestBody']['content']['application/json'];

/** Changes of the grid. Each answers with the whole grid as it is after it, so that totals follow at once. */
export function useAssign(job: number) {
    const client = useQueryClient();
    const refused = useRefused();
    const change = useMutation({
        mutationFn: (deed: () => Promise<Grid>) => deed(),
        onSuccess: (grid) => {
            client.setQueryData(jobKeys.grid(job), grid);
            void client.invalidateQueries({ queryKey: jobKeys.layers(job) });
            void client.invalidateQueries({ queryKey: ['bench'] });
            void client.invalidateQueries({ queryKey: jobKeys.changes(job) });
        },
        onError: (error) => {
            refused(
                error,
                `${error.message} The grid shows theirs now; yours was not stored, so make it again if it still stands.`,
            );
            void client.invalidateQueries({ queryKey: jobKeys.grid(job) });
            void client.invalidateQueries({ queryKey: jobKeys.layers(job) });
        },
    });
    /** Null: the unit itself, and with it every figure that has nothing of its own. */
    const assign = (unit: Unit, figures: readonly Figure[] | null, { schemes, ...wanted }: Change) =>
        change.mutate(() =>
            figures === null
                ? unwrap(
                      api.PATCH('/api/units/{unit}', {
                          params: { path: { unit: unit.id } },
                          body: { version: unit.version, ...wanted },
                      }),
                  )
                : unwrap(
                      api.PATCH('/api/figures', {
                          body: {
                              figures: figures.map(({ id, version }) => ({ id, version })),
                              ...wanted,
                              ...(schemes === undefined ? {} : { schemes }),
                          },
                      }),
                  ),
        );
    return {
        isPending: change.isPending,
        error: change.error,
        tier: (unit: Unit, figures: readonly Figure[] | null, tier: string) => assign(unit, figures, { tier }),
        painter: (unit: Unit, figures: readonly Figure[] | null, painter: number | null) =>
            assign(unit, figures, { painter_id: painter }),
        schemes: (unit: Unit, figures: readonly Figure[], schemes: number[]) => assign(unit, figures, { schemes }),
        scheme: (unit: Unit, scheme: number | null) =>
            change.mutate(() =>
                unwrap(
                    api.PATCH('/api/units/{unit}', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, scheme_id: scheme },
                    }),
                ),
            ),
        rename: (unit: Unit, name: string, note: string) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, name, note },
                    }),
                ),
            ),
        /** What a figure is called; empty: nothing of its own. */
        name: (figure: Figure, name: string) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/figures/{figure}/name', {
                        params: { path: { figure: figure.id } },
                        body: { version: figure.version, name },
                    }),
                ),
            ),
        /** Of which type figures are; null: all of the unit. */
        type: (unit: Unit, figures: number[] | null, type: string) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/type', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, figure_type: type },
                    }),
                ),
            ),
        /** No type: as the unit. */
        addFigures: (unit: Unit, count: number, type: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/units/{unit}/figures', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, count, figure_type: type },
                    }),
                ),
            ),
        removeFigures: (unit: Unit, figures: number[]) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/units/{unit}/removals', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures },
                    }),
                ),
            ),
        /** Whether figures came finished, painted by somebody else. */
        finished: (unit: Unit, figures: number[], finished: boolean) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/finished', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, finished },
                    }),
                ),
            ),
        /** Before another unit; null: at the end. */
        place: (unit: Unit, before: number | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/place', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, before },
                    }),
                ),
            ),
        moveFigures: (unit: Unit, figures: number[], where: { to: number } | { name: string }) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/units/{unit}/moves', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, ...where },
                    }),
                ),
            ),
        /** Many rows at once, all of them or none. */
        rows: (wanted: RowsChange) =>
            change.mutate(() => unwrap(api.PATCH('/api/jobs/{job}/rows', { params: { path: { job } }, body: wanted }))),
        /** Of a surface about which a tier is silent, nothing is asked in this job. */
        settle: (question: Grid['questions']['silent'][number], reason: string, agreedWith: string) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/jobs/{job}/silences', {
                        params: { path: { job } },
                        body: { tier: question.tier, surface: question.surface, reason, agreed_with: agreedWith },
                    }),
                ),
            ),
        takeBack: (id: number) =>
            change.mutate(
                () => unwrap(api.POST('/api/job-changes/{change}/taking-back', { params: { path: { change: id } } })),
                // Name, dates, schools and own lists may be what they were, too.
                { onSuccess: () => void client.invalidateQueries({ queryKey: jobKeys.detail(job) }) },
            ),
        ...areaDeeds(change),
    };
}
