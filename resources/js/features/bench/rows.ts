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

/** Where a step is done, in words. */
export function areasOf(row: Pick<Row, 'places'>): string {
    return row.places.map((step) => (step.surface === 'whole' ? 'whole figure' : step.area)).join(', ');
}
