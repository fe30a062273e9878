import type { Schemas } from '@api';

/** One step of the sheet: one place, or several where it is laid in one go. */
export interface Row {
    number: number;
    /** One for each place; what they are laid with is the same. */
    places: [Schemas['BenchStep'], ...Schemas['BenchStep'][]];
    /** What the core says of all its places; null for one place. */
    go: Schemas['SheetGo'] | null;
}

/** The steps of a sheet in their order. */
export function rowsOf(sheet: Schemas['BenchSheet']): Row[] {
    const rows: Row[] = [];
    for (const step of sheet.steps) {
        const last = rows.at(-1);
        if (last?.number === step.number) {
            last.places.push(step);
        } else {
            rows.push({ number: step.number, places: [step], go: sheet.goes.find((go) => go.number === step.number) ?? null });
        }
    }
    return rows;
}

/** Figures by their numbers: "figure 3", "figures 1, 4 to 9". */
export function numbered(figures: readonly { number: number }[]): string {
    const runs: { from: number; to: number }[] = [];
    for (const { number } of figures) {
        const last = runs.at(-1);
        if (last?.to === number - 1) {
            last.to = number;
        } else {
            runs.push({ from: number, to: number });
        }
    }
    const words = runs.flatMap(({ from, to }) =>
        from === to ? [String(from)] : to === from + 1 ? [String(from), String(to)] : [`${String(from)} to ${String(to)}`],
    );
    return `${figures.length === 1 ? 'figure' : 'figures'} ${words.join(', ')}`;
}

/** Equal for a step as long as it is laid where and how it is. */
export function keyOf({ places: [first] }: Row): string {
    return `${first.area} ${first.use} ${first.degree} ${first.figures.join()}`;
}

/** Where a step is done, in words. */
export function areasOf(row: Pick<Row, 'places'>): string {
    return row.places.map((step) => (step.surface === 'whole' ? 'whole figure' : step.area)).join(', ');
}
