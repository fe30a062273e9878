import { api, type Schemas, unwrap } from '@api';

export interface AreaPlace {
    unit: Schemas['GridUnit'];
    /** Ids of those that are meant; null: all figures of the unit. */
    figures: number[] | null;
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
        areaTier: ({ unit, figures, area }: AreaPlace, tier: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/area-tiers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area, tier },
                    }),
                ),
            ),
        areaSchool: ({ unit, figures, area }: AreaPlace, question: Schemas['AreaSchool']['question'], choice: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/area-schools', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area, question, choice },
                    }),
                ),
            ),
        waive: ({ unit, figures, area }: AreaPlace, use: string, { reason, agreedWith, price }: Terms) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/waivers', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area, use, reason, agreed_with: agreedWith, price },
                    }),
                ),
            ),
        add: (
            { unit, figures, area }: AreaPlace,
            { tier, use }: { tier: string; use: string },
            { reason, agreedWith, price }: Terms,
        ) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/additions', {
                        params: { path: { unit: unit.id } },
                        body: {
                            version: unit.version,
                            figures,
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
        agreeNotAsked: ({ unit, figures, area }: AreaPlace, reason: string, agreedWith: string) =>
            change.mutateAsync(() =>
                unwrap(
                    api.POST('/api/units/{unit}/not-asked', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area, reason, agreed_with: agreedWith },
                    }),
                ),
            ),
        /** What the sculpt has not. */
        lack: ({ unit, figures, area }: AreaPlace) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/units/{unit}/lacking', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area },
                    }),
                ),
            ),
        /** Of whom it was agreed: of the unit, or of each of these figures the same. */
        unwaive: (
            unit: Schemas['GridUnit'],
            agreed: Pick<Schemas['AgreedHere'], 'id' | 'whole_unit'>,
            figures: readonly Schemas['GridFigure'][],
        ) =>
            change.mutate(() =>
                unwrap(
                    api.POST('/api/variations/{variation}/taking-back', {
                        params: { path: { variation: agreed.id } },
                        body: {
                            version: unit.version,
                            figures: agreed.whole_unit ? null : figures.map((figure) => figure.id),
                        },
                    }),
                ),
            ),
        /** No technique takes the choice back. */
        choose: ({ unit, figures, area }: AreaPlace, use: string, technique: string | null) =>
            change.mutate(() =>
                unwrap(
                    api.PUT('/api/units/{unit}/choices', {
                        params: { path: { unit: unit.id } },
                        body: { version: unit.version, figures, area, use, technique },
                    }),
                ),
            ),
    };
}
