import type { Schemas } from '@api';

type Stored = Schemas['TypeMap'];

/** What a map needs to know of an area. */
interface Named {
    row: number;
    name: string;
}

export type SideName = Stored['side'];

/** A piece where it is; it belongs to a row, whatever that is called by now. */
export interface PieceDraft {
    row: number;
    feature: string;
    x: number;
    y: number;
    name: string;
}

/** A side while it is laid out. Number n of its runs is the n-th of its rows. */
export interface SideDraft {
    side: SideName;
    width: number;
    height: number;
    picture: string | null;
    rows: number[];
    runs: string;
    pieces: PieceDraft[];
}

/** Maps as they are stored, by the rows of the areas that they name. */
export function mapsOf(maps: readonly Stored[], areas: readonly Named[]): SideDraft[] {
    const rowOf = (name: string) => areas.find((area) => area.name === name)?.row ?? 0;
    return maps.map(({ areas: names, pieces, ...map }) => ({
        ...map,
        rows: names.map(rowOf),
        pieces: pieces.map(({ area, ...piece }) => ({ ...piece, row: rowOf(area) })),
    }));
}

/** The maps as they are sent: what was laid out of a row that is gone is nothing any more. */
export function sentMaps(maps: readonly SideDraft[], areas: readonly Named[]): Stored[] {
    const nameOf = new Map(areas.map((area) => [area.row, area.name]));
    return maps.map(({ rows, runs, pieces, ...map }) => {
        const kept = rows.filter((row) => nameOf.has(row));
        const numbers = rows.map((row) => kept.indexOf(row) + 1);
        return {
            ...map,
            areas: kept.map((row) => nameOf.get(row) ?? ''),
            runs: kept.length === rows.length ? runs : renumbered(runs, numbers),
            pieces: pieces.flatMap(({ row, ...piece }) => {
                const area = nameOf.get(row);
                return area === undefined ? [] : [{ ...piece, area }];
            }),
        };
    });
}

function renumbered(runs: string, numbers: readonly number[]): string {
    return runs
        .split(' ')
        .map((text, i) => (i % 2 === 0 ? String(numbers[Number(text) - 1] ?? 0) : text))
        .join(' ');
}

/** One run alone, of nothing. */
const BLANK = /^0 \d+$/;

/** Whether something is laid out on any side. */
export function hasAny(maps: readonly SideDraft[]): boolean {
    return maps.some((map) => !BLANK.test(map.runs));
}

/** The number of a row on a side, which it gets when it is laid out first. */
export function numbered(map: SideDraft, row: number): [SideDraft, number] {
    const at = map.rows.indexOf(row);
    return at >= 0 ? [map, at + 1] : [{ ...map, rows: [...map.rows, row] }, map.rows.length + 1];
}
