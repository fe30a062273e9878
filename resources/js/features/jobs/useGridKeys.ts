import type { KeyboardEvent } from 'react';
import { type KeyWord, useKeyWords } from '@shared/keyWords';
import { asRead, type Row } from './rows';
import type { useAssign } from './useAssign';
import type { Selection } from './useSelection';

interface Deeds {
    rows: readonly Row[];
    selection: Selection;
    assign: ReturnType<typeof useAssign>;
    onPainter: () => void;
    enabled: boolean;
}

const CELL = 'button.grid-name, button.grid-cell';

/** The cells of a line of the table that can be gone to. */
function cellsOf(line: Element | null): HTMLElement[] {
    return [...(line?.querySelectorAll<HTMLElement>(CELL) ?? [])];
}

/** The cell of another line under the same heading; where it has none there, the last one before. */
function sameColumn(cell: HTMLElement, line: Element): HTMLElement | undefined {
    const column = (one: Element) => one.closest<HTMLTableCellElement>('td, th')?.cellIndex ?? 0;
    const own = cellsOf(line);
    return own.find((one) => column(one) === column(cell)) ?? own.filter((one) => column(one) < column(cell)).at(-1) ?? own[0];
}

/** Where an arrow goes from a cell; null where there is nothing more. */
function beside(cell: HTMLElement, key: string): HTMLElement | undefined {
    const line = cell.closest('tr');
    if (key === 'ArrowLeft' || key === 'ArrowRight') {
        const own = cellsOf(line);
        return own[own.indexOf(cell) + (key === 'ArrowRight' ? 1 : -1)];
    }
    // Areas of one surface stand under each other in a cell.
    const stack = [...(cell.parentElement?.querySelectorAll<HTMLElement>(':scope > button.grid-cell') ?? [])];
    const within = stack[stack.indexOf(cell) + (key === 'ArrowDown' ? 1 : -1)];
    const next = key === 'ArrowDown' ? line?.nextElementSibling : line?.previousElementSibling;
    return within ?? (next instanceof Element ? sameColumn(cell, next) : undefined);
}

const KEYS: readonly KeyWord[] = [
    ['arrows', 'go from cell to cell'],
    ['Enter', 'opens what is in hand'],
    ['X', 'chooses the row, with Shift and an arrow those up to it'],
    ['A', 'chooses all rows'],
    ['Esc', 'chooses none'],
    ['+ and −', 'raise and lower the tier: of the area in hand, or of the row, with all that are chosen'],
    ['P', 'gives a painter'],
    ['Ctrl C, Ctrl V', 'take rows to a spreadsheet, and tiers and painters from one'],
];

/** Keys of the grid: arrows go from cell to cell, and what is pressed on a row is done to all that are chosen with it. */
export function useGridKeys({ rows, selection, assign, onPainter, enabled }: Deeds) {
    useKeyWords(KEYS, enabled);
    const rowOf = (cell: Element | null | undefined) => rows.find((row) => row.key === cell?.closest('tr')?.dataset['row']);
    const together = (row: Row) => (selection.has(row) ? selection.chosen : [row]);
    const step = (row: Row, area: string | undefined, by: number) =>
        assign.rows({ rows: together(row).map(asRead), by, ...(area === undefined ? {} : { area }) });
    const move = (cell: HTMLElement, row: Row, event: KeyboardEvent) => {
        const to = beside(cell, event.key);
        to?.focus();
        const next = rowOf(to);
        if (event.shiftKey && next !== undefined) {
            selection.extend(next, row);
        }
    };
    return (event: KeyboardEvent<HTMLTableElement>) => {
        const cell = event.target instanceof Element ? event.target.closest<HTMLElement>(CELL) : null;
        const row = rowOf(cell);
        if (cell === null || row === undefined || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const deeds: Partial<Record<string, () => void>> = {
            ArrowUp: () => move(cell, row, event),
            ArrowDown: () => move(cell, row, event),
            ArrowLeft: () => move(cell, row, event),
            ArrowRight: () => move(cell, row, event),
            x: () => selection.toggle(row),
            a: () => selection.choose(rows),
            Escape: () => selection.clear(),
            '+': () => step(row, cell.dataset['area'], 1),
            '=': () => step(row, cell.dataset['area'], 1),
            '-': () => step(row, cell.dataset['area'], -1),
            p: () => {
                if (!selection.has(row)) {
                    selection.choose([row]);
                }
                onPainter();
            },
        };
        const deed = deeds[event.key];
        if (deed !== undefined) {
            event.preventDefault();
            deed();
        }
    };
}
