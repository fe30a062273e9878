import type { Schemas } from '@api';
import type { SideName } from './useCheck';

type Check = Schemas['Check'];
type Item = Schemas['CheckItem'];

export function keyOf(item: Item): string {
    return `${item.item}\n${item.area}\n${item.criterion}`;
}

/** Items seen from a side, those asked one by one first. */
export function seenFrom(check: Check, side: SideName): Item[] {
    return check.items
        .filter((item) => item.sides.includes(side))
        .toSorted((a, b) => Number(b.alone !== null) - Number(a.alone !== null));
}

/** What is asked one by one at this side and is still open: those whose first counted side it is. */
export function askedHere(check: Check, side: SideName): Item[] {
    return check.items.filter((item) => item.alone !== null && item.answer === null && item.sides[0] === side);
}

/** The side to look at: the first that was not passed, else the first with something open, else the first. */
export function sideToLookAt(check: Check): SideName {
    const side =
        check.sides.find((one) => !check.passed.includes(one)) ??
        check.sides.find((one) => check.items.some((item) => item.answer === null && item.sides.includes(one))) ??
        check.sides[0];
    return side ?? 'front';
}
