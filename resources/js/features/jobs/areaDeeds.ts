import { api, type Schemas, unwrap } from '@api';

export interface AreaPlace {
    unit: Schemas['GridUnit'];
    /** Null: all figures of the unit. */
    figure: number | null;
    area: string;
}

interface Terms {
    reason: string;
    agreedWith: string;
    /** Of one figure, in the smallest unit of the currency; null: none was agreed. */
    price: number | null;
}

/** What changes the grid: told to go on, or awaited by a form that keeps what was typed until it is stored. */
interface Changing {
    mutate: (deed: () => Promise<Schemas['Grid']>) => void;
    mutateAsync: (deed: () => Promise<Schemas['Grid']>) => Promise<Schemas['Grid']>;
}

/** What may be done with one area, of a unit or of one figure of it. */
export function areaDeeds(change: Changing) {
    return {
        areaTier: ({ unit, figure, area }: AreaPlace, tier: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/area-tiers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, tier },
                    }),
                ),
            ),
        areaSchool: ({ unit, figure, area }: AreaPlace, question: Schemas['AreaSchool']['question'], choice: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/area-schools', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, question, choice },
                    }),
                ),
            ),
        waive: ({ unit, figure, area }: AreaPlace, use: string, { reason, agreedWith, price }: Terms) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/waivers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, use, reason, agreed_with: agreedWith, price },
                    }),
                ),
            ),
        add: (
            { unit, figure, area }: AreaPlace,
            { tier, use }: { tier: string; use: string },
            { reason, agreedWith, price }: Terms,
        ) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/additions', {
                        params: { path: { unit: unit.id } },
                        body: {
                            version: unit.version,
                            figure_id: figure,
                            area,
                            tier,
                            use,
                            reason,
                            agreed_with: agreedWith,
                            price,
                        },
                    }),
                ),
            ),
        agreeNotAsked: ({ unit, figure, area }: AreaPlace, reason: string, agreedWith: string) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/not-asked', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figure_id: figure, area, reason, agreed_with: agreedWith },
                    }),
                ),
            ),
        unwaive: (unit: Schemas['GridUnit'], variation: number) =>
            change.mutate(() =>
                unwrap(
                    api.DELETE('/api/variations/{variation}', {
                        params: { path: { variation }, query: { version: unit.version } },
                    }),
                ),
            ),
        /** No technique takes the choice back. */
        choose: ({ unit, figure, area }: AreaPlace, use: string, technique: string | null) =>
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
