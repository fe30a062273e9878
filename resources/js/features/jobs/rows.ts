import type { Schemas } from '@api';

/** Whether these figures are the unit itself, or some of it that are painted otherwise. */
export function isUnitItself(unit: Schemas['GridUnit'], group: Schemas['GridGroup']): boolean {
    const most = Math.max(...unit.groups.map((one) => one.figures.length));
    const largest = unit.groups.find((one) => one.figures.length === most && one.figures.some((figure) => !figure.own_tier));
    return largest !== undefined && largest.figures[0]?.id === group.figures[0]?.id;
}

/** Which figures of a unit a row stands for. */
export function who(group: Schemas['GridGroup']): string {
    const leaders = group.figures.filter((figure) => figure.leader).length;
    if (leaders === group.figures.length) {
        return leaders === 1 ? 'leader' : `${leaders} leaders`;
    }
    const numbers = group.figures.map((figure) => figure.number);
    return numbers.length === 1
        ? `figure ${String(numbers[0])}`
        : `figures ${numbers.slice(0, 6).join(', ')}${numbers.length > 6 ? ' …' : ''}`;
}

/** The figures that are the unit itself before those of it that are painted otherwise. */
export function unitFirst(unit: Schemas['GridUnit']): Schemas['GridGroup'][] {
    return unit.groups.toSorted((a, b) => Number(isUnitItself(unit, b)) - Number(isUnitItself(unit, a)));
}
