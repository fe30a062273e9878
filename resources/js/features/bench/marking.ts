import type { Schemas } from '@api';

/** Figures that this person may mark. */
export function markable(sheet: Schemas['BenchSheet']): Schemas['SheetFigure'][] {
    return sheet.figures.filter((figure) => figure.may_mark);
}

/** Figures on which a step is neither done nor excused. */
export function openOn(step: Schemas['BenchStep'], figures: readonly Schemas['SheetFigure'][]): Schemas['SheetFigure'][] {
    return figures.filter((figure) => !step.marks.some((mark) => mark.figure_id === figure.id));
}

/** Figures on which some place of a step is neither done nor excused. */
export function openOnAny(
    places: readonly Schemas['BenchStep'][],
    figures: readonly Schemas['SheetFigure'][],
): Schemas['SheetFigure'][] {
    return figures.filter((figure) => places.some((step) => openOn(step, [figure]).length > 0));
}
