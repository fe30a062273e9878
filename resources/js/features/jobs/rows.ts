import type { Schemas } from '@api';

/** A row of the grid: a unit with all that has nothing of its own, or some figures of it. */
export interface Row {
    key: string;
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    itself: boolean;
    /** In the order of the figure. */
    cells: readonly Schemas['GridCell'][];
    /** Names of the cells of the unit itself; what is not among them is painted otherwise. */
    asUnit: ReadonlySet<string>;
}

/** Whether these figures are the unit itself, or some of it that are painted otherwise. */
export function isUnitItself(unit: Schemas['GridUnit'], group: Schemas['GridGroup']): boolean {
    const ofItsType = unit.groups.filter((one) => one.type_id === unit.type_id);
    const groups = ofItsType.length === 0 ? unit.groups : ofItsType;
    const most = Math.max(...groups.map((one) => one.figures.length));
    const largest = groups.find((one) => one.figures.length === most && one.figures.some((figure) => !figure.own_tier));
    return largest !== undefined && largest.figures[0]?.id === group.figures[0]?.id;
}

/** Which figures of a unit a row stands for. */
export function who(group: Schemas['GridGroup']): string {
    const [only] = group.figures;
    if (group.figures.length === 1 && only !== undefined && only.name !== '') {
        return `${only.name}, figure ${String(only.number)}`;
    }
    const leaders = group.figures.filter((figure) => figure.leader).length;
    if (leaders === group.figures.length) {
        return leaders === 1 ? 'leader' : `${leaders} leaders`;
    }
    const numbers = group.figures.map((figure) => figure.number);
    return numbers.length === 1
        ? `figure ${String(numbers[0])}`
        : `figures ${numbers.slice(0, 6).join(', ')}${numbers.length > 6 ? ' …' : ''}`;
}

/** As above, with their type where it is another than that of their unit. */
export function whoIn(unit: Schemas['GridUnit'], group: Schemas['GridGroup']): string {
    return group.type_id === unit.type_id ? who(group) : `${group.type}, ${who(group)}`;
}

export function nameOf({ unit, group, itself }: Row): string {
    return itself ? unit.name : `${unit.name}, ${whoIn(unit, group)}`;
}

/** The rows as they stand under each other: each unit before those of it that are painted otherwise. */
export function rowsOf(grid: Schemas['Grid']): Row[] {
    const named = new Map(grid.cells.map((cell) => [cell.name, cell]));
    return grid.units.flatMap((unit) => {
        const own = unit.groups.find((group) => isUnitItself(unit, group));
        const asUnit = new Set(own?.cells);
        return unit.groups
            .map((group) => {
                const itself = group === own;
                const key = itself ? `u${String(unit.id)}` : `f${String(group.figures[0]?.id)}`;
                return { unit, group, itself, key, asUnit, cells: group.cells.flatMap((name) => named.get(name) ?? []) };
            })
            .toSorted((a, b) => Number(b.itself) - Number(a.itself));
    });
}

/** Whether two rows show the same: a cell of one name has one content. */
export function isSameRow(a: Row, b: Row): boolean {
    return a.key === b.key && a.unit === b.unit && a.group === b.group;
}

/** What a unit or figure is found by: its name, type, tier, painter, note. */
function wordsOf({ unit, group }: Row, tiers: readonly { key: string; name: string }[]): string {
    const painters = group.figures.map((figure) => figure.painter?.name ?? 'nobody');
    const tier = tiers.find((one) => one.key === group.tier)?.name ?? '';
    return [unit.name, unit.note, group.type, tier, who(group), ...group.figures.map((figure) => figure.name), ...painters]
        .join(' ')
        .toLowerCase();
}

/** Rows in which all of the words stand. */
export function found(rows: readonly Row[], words: string, tiers: readonly { key: string; name: string }[]): Row[] {
    const wanted = words
        .toLowerCase()
        .split(/\s+/)
        .filter((word) => word !== '');
    return rows.filter((row) => wanted.every((word) => wordsOf(row, tiers).includes(word)));
}

/** As the API takes it: with the versions that the page shows. */
export function asRead({ unit, group, itself }: Row) {
    return {
        unit: unit.id,
        version: unit.version,
        figures: itself ? null : group.figures.map(({ id, version }) => ({ id, version })),
    };
}

export function figuresIn(rows: readonly Row[]): number {
    return rows.reduce((sum, { group }) => sum + group.figures.length, 0);
}

/** Whether an area is laid on a row just as it is on its unit, so that it need not be looked at again. */
export function isAsUnit({ itself, asUnit }: Row, cell: Schemas['GridCell']): boolean {
    return !itself && asUnit.has(cell.name);
}
