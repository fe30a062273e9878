import { api, type ApiError, type Schemas, unwrap } from '@api';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { benchKeys } from './queries';
import type { Row } from './rows';
import { inTurn } from './useBench';

/** A step that a page begins with. */
export interface StepInHand {
    area: string;
    use: string;
}

interface Chosen {
    coats: number;
    figures: Schemas['SheetFigure'][];
    by: string;
}

/** Coats that a step takes beyond what is asked, by figure: those whose degree differs by them have a line of their own. */
export function useFurtherCoats(sheet: Schemas['BenchSheet'], places: Row['places']) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const [place] = places;
    const all = sheet.steps.filter((step) => step.area === place.area && step.use === place.use).flatMap((step) => step.further);
    const on = (figure: Schemas['SheetFigure']) => all.find((one) => one.figure_id === figure.id)?.coats ?? 0;
    const chosen: Chosen[] = [...new Set(all.map((one) => one.coats))].map((coats) => {
        const those = all.filter((one) => one.coats === coats);
        return {
            coats,
            figures: sheet.figures.filter((figure) => those.some((one) => one.figure_id === figure.id)),
            by: [...new Set(those.map((one) => one.by))].join(', '),
        };
    });
    const lay = useMutation<
        Schemas['BenchSheet'] | undefined,
        ApiError,
        { figures: readonly Schemas['SheetFigure'][]; coats: number }
    >({
        mutationFn: async ({ figures, coats }) => {
            let after: Schemas['BenchSheet'] | undefined;
            // Those that have as many already go together: what was seen on them is one number.
            await inTurn([...new Set(figures.map(on))], (seen) =>
                inTurn(places, async (one) => {
                    const some = figures.filter((figure) => on(figure) === seen);
                    after = await unwrap(
                        api.POST('/api/further-coats', {
                            body: { figures: some.map((figure) => figure.id), area: one.area, use: one.use, coats, seen },
                        }),
                    );
                }),
            );
            return after;
        },
        onSuccess: async (after) => {
            if (after !== undefined) {
                // The sheet may go by another name now; the step stays in hand.
                const inHand: StepInHand = { area: place.area, use: place.use };
                await navigate(`/jobs/${String(sheet.job.id)}/bench/${after.key}`, { replace: true, state: inHand });
            }
        },
        onSettled: () => client.invalidateQueries({ queryKey: benchKeys.all }),
    });
    return { on, chosen, lay };
}
