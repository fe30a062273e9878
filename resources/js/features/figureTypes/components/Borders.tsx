import type { Schemas } from '@api';
import { type KeyboardEvent, useRef, useState } from 'react';
import { type AreaDraft, bordering, touch } from '../draft';

interface Props {
    areas: readonly AreaDraft[];
    /** What usually touches: offered, not known. */
    usual: Schemas['Outline']['usual'];
    onChange: (areas: AreaDraft[]) => void;
}

const MOVES: Record<string, [number, number]> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
};

/** Who borders on whom, as a square of the areas. Arrows move in it, space says and takes back. */
export function Borders({ areas, usual, onChange }: Props) {
    const named = areas.filter((area) => area.name.trim() !== '');
    const [[row, column], setAt] = useState<[number, number]>([0, 1]);
    const table = useRef<HTMLTableElement>(null);
    if (named.length < 2) {
        return null;
    }
    const move = (event: KeyboardEvent) => {
        const by = MOVES[event.key];
        if (by === undefined) {
            return;
        }
        event.preventDefault();
        const last = named.length - 1;
        const down = Math.min(last, Math.max(0, row + by[0]));
        const across = Math.min(last, Math.max(0, column + by[1]));
        // On the way over the diagonal, where an area would meet itself, one goes on.
        const next: [number, number] =
            down === across ? [step(row, 2 * by[0], last), step(column, 2 * by[1], last)] : [down, across];
        if (next[0] !== next[1]) {
            setAt(next);
            table.current?.querySelector<HTMLElement>(`[data-at="${next.join(' ')}"]`)?.focus();
        }
    };
    return (
        <div className="borders">
            <table ref={table} onKeyDown={move}>
                <caption className="unseen">Which areas touch each other</caption>
                <thead>
                    <tr>
                        <td />
                        {named.map((area) => (
                            <th key={area.row} scope="col">
                                <span>{area.name}</span>
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {named.map((area, down) => (
                        <tr key={area.row}>
                            <th scope="row">{area.name}</th>
                            {named.map((other, across) => (
                                <td key={other.row}>
                                    {area.row === other.row ? null : (
                                        <Border
                                            one={area}
                                            other={other}
                                            why={whyOf(usual, area.name, other.name)}
                                            at={`${String(down)} ${String(across)}`}
                                            isAt={down === row && across === column}
                                            onFocus={() => setAt([down, across])}
                                            onSay={(border) => onChange(bordering(areas, area.name, other.name, border))}
                                        />
                                    )}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}

function step(from: number, by: number, last: number): number {
    const to = from + by;
    return to < 0 || to > last ? from : to;
}

function whyOf(usual: Props['usual'], one: string, other: string): string | null {
    return (
        usual.find((pair) => (pair.area === one && pair.other === other) || (pair.area === other && pair.other === one))?.why ??
        null
    );
}

interface BorderProps {
    one: AreaDraft;
    other: AreaDraft;
    why: string | null;
    at: string;
    isAt: boolean;
    onFocus: () => void;
    onSay: (border: boolean) => void;
}

function Border({ one, other, why, at, isAt, onFocus, onSay }: BorderProps) {
    const is = touch(one, other);
    const sits = one.on === other.name || other.on === one.name;
    const words = sits ? 'one sits on the other' : why === null || is ? '' : `usually: ${why}`;
    return (
        <button
            type="button"
            role="checkbox"
            aria-checked={is}
            aria-disabled={sits}
            aria-label={`${one.name} touches ${other.name}${words === '' ? '' : `; ${words}`}`}
            title={`${one.name} – ${other.name}${words === '' ? '' : `: ${words}`}`}
            className={is ? 'border-is' : why === null ? 'border-not' : 'border-usual'}
            data-at={at}
            tabIndex={isAt ? 0 : -1}
            onFocus={onFocus}
            onClick={() => !sits && onSay(!is)}
        />
    );
}
