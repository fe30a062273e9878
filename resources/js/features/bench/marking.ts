import type { Schemas } from '@api';

/** Figures that this person may mark. */
export function markable(sheet: Schemas['BenchSheet']): Schemas['SheetFigure'][] {
    return sheet.figures.filter((figure) => figure.may_mark);
}

/** Figures that have a step and on which it is neither done nor excused. */
export function openOn(step: Schemas['BenchStep'], figures: readonly Schemas['SheetFigure'][]): Schemas['SheetFigure'][] {
    return figures.filter(
        (figure) =>
            hasStep(step, figure.id) && !step.marks.some((mark) => mark.figure_id === figure.id && mark.state !== 'not-yet'),
    );
}

/** What lies directly beneath some place of a step and is still open on some of these figures. */
export function openBeneath(
    sheet: Schemas['BenchSheet'],
    places: readonly Schemas['BenchStep'][],
    figures: readonly Schemas['SheetFigure'][],
): Schemas['BenchStep'][] {
    const beneath = [...new Set(places.flatMap((place) => place.beneath))].flatMap((line) => sheet.steps[line] ?? []);
    return beneath.filter((step) => openOn(step, figures).length > 0);
}

/** Figures on which some place of a step waits until somebody has looked. */
export function waitingForLook(
    places: readonly Schemas['BenchStep'][],
    figures: readonly Schemas['SheetFigure'][],
): Schemas['SheetFigure'][] {
    return figures.filter((figure) => places.some((step) => step.waits.includes(figure.id)));
}

/** Figures that share a sheet may differ in a few of its steps. */
export function hasStep(step: Pick<Schemas['BenchStep'], 'figures'>, figure: number): boolean {
    return step.figures.includes(figure);
}

/** Figures that have some place of a step. */
export function having(
    places: readonly Schemas['BenchStep'][],
    figures: readonly Schemas['SheetFigure'][],
): Schemas['SheetFigure'][] {
    return figures.filter((figure) => places.some((step) => hasStep(step, figure.id)));
}

/** Figures on which some place of a step is neither done nor excused. */
export function openOnAny(
    places: readonly Schemas['BenchStep'][],
    figures: readonly Schemas['SheetFigure'][],
): Schemas['SheetFigure'][] {
    return figures.filter((figure) => places.some((step) => openOn(step, [figure]).length > 0));
}
