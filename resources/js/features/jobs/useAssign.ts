import { api, ApiError, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { jobKeys } from './queries';

type Unit = Schemas['GridUnit'];
type Figure = Schemas['GridFigure'];
type Grid = Schemas['Grid'];

interface AreaPlace {
    unit: Unit;
    /** Null: all figures of the unit. */
    figure: number | null;
    area: string;
}

/** Changes of the grid. Each answers with the whole grid as it is after it, so that totals follow at once. */
export function useAssign(job: number) {
    const client = useQueryClient();
    const { notification } = App.useApp();
    const change = useMutation({
        mutationFn: (deed: () => Promise<Grid>) => deed(),
        onSuccess: (grid) => {
            client.setQueryData(jobKeys.grid(job), grid);
            void client.invalidateQueries({ queryKey: ['bench'] });
        },
        onError: (error) => {
            notification.error({
                title: error instanceof ApiError && error.status === 409 ? 'Changed by somebody else' : 'Not changed',
                description: error.message,
                duration: 0,
            });
            void client.invalidateQueries({ queryKey: jobKeys.grid(job) });
        },
    });
    const onFigures = async (
        figures: readonly Figure[],
        body: (figure: Figure) => { tier?: string; painter_id?: number | null },
    ): Promise<Grid> => {
        let grid: Grid | undefined;
        for (const figure of figures) {
            grid = await unwrap(
                api.PATCH('/api/figures/{figure}', {
                    params: { path: { figure: figure.id } },
                    body: { version: figure.version, ...body(figure) },
                }),
            );
        }
        if (grid === undefined) {
            throw new Error('No figure was named.');
        }
        return grid;
    };
    const onUnit = (unit: Unit, body: { tier?: string; painter_id?: number | null }) =>
        unwrap(api.PATCH('/api/units/{unit}', { params: { path: { unit: unit.id } }, body: { version: unit.version, ...body } }));
    return {
        isPending: change.isPending,
        error: change.error,
        tier: (unit: Unit, figures: readonly Figure[] | null, tier: string) =>
            change.mutate(() => (figures === null ? onUnit(unit, { tier }) : onFigures(figures, () => ({ tier })))),
        painter: (unit: Unit, figures: readonly Figure[] | null, painter: number | null) =>
            change.mutate(() =>
                figures === null ? onUnit(unit, { painter_id: painter }) : onFigures(figures, () => ({ painter_id: painter })),
            ),
        areaTier: ({ unit, figure, area }: AreaPlace, tier: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/area-tiers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, tier },
                    }),
                ),
            ),
        waive: ({ unit, figure, area }: AreaPlace, use: string, reason: string, agreedWith: string) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/waivers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, use, reason, agreed_with: agreedWith },
                    }),
                ),
            ),
        unwaive: (unit: Unit, variation: number) =>
            change.mutate(() =>
                unwrap(
                    api.DELETE('/api/variations/{variation}', {
                        params: { path: { variation }, query: { version: unit.version } },
                    }),
                ),
            ),
        choose: ({ unit, figure, area }: AreaPlace, use: string, technique: string) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/choices', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, use, technique },
                    }),
                ),
            ),
    };
}
