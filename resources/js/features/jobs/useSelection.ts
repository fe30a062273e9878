import { useState } from 'react';
import type { Row } from './rows';

/** Rows that are chosen to be changed together. */
export function useSelection(rows: readonly Row[]) {
    const [keys, setKeys] = useState<ReadonlySet<string>>(new Set());
    const [anchor, setAnchor] = useState<string | null>(null);
    const chosen = rows.filter((row) => keys.has(row.key));
    const between = (from: string, to: string) => {
        const places = [from, to].map((key) => rows.findIndex((row) => row.key === key)).toSorted((a, b) => a - b);
        const [first = 0, last = 0] = places;
        return rows.slice(Math.max(0, first), last + 1).map((row) => row.key);
    };
    return {
        chosen,
        has: (row: Row) => keys.has(row.key),
        toggle: (row: Row) => {
            const next = new Set(keys);
            if (!next.delete(row.key)) {
                next.add(row.key);
            }
            setKeys(next);
            setAnchor(row.key);
        },
        /** From where it began to this row, as with a shift key held. */
        extend: (row: Row, from: Row = row) => {
            const begin = anchor !== null && keys.has(anchor) ? anchor : from.key;
            setKeys(new Set([...keys, ...between(begin, row.key)]));
            setAnchor(begin);
        },
        choose: (some: readonly Row[]) => setKeys(new Set(some.map((row) => row.key))),
        clear: () => setKeys(new Set()),
    };
}

export type Selection = ReturnType<typeof useSelection>;
