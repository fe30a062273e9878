import { date } from '@shared/format';
import { Button } from 'antd';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { addDays, addMonths, today, weeksOf } from './days';

interface Props {
    chosen: string | null;
    /** The first day that can be chosen. */
    min?: string;
    onChoose: (day: string) => void;
}

const WEEK = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

const MOVES: Record<string, (day: string) => string> = {
    ArrowLeft: (day) => addDays(day, -1),
    ArrowRight: (day) => addDays(day, 1),
    ArrowUp: (day) => addDays(day, -7),
    ArrowDown: (day) => addDays(day, 7),
    PageUp: (day) => addMonths(day, -1),
    PageDown: (day) => addMonths(day, 1),
};

const OF_MONTH = { month: 'long', year: 'numeric' } as const;

/** A month to press a day in; by keys: arrows go day by day and week by week, Page Up and Page Down by months. */
export function Month({ chosen, min = '', onChoose }: Props) {
    const [hand, setHand] = useState(chosen ?? (today() < min ? min : today()));
    const grid = useRef<HTMLTableElement>(null);
    useEffect(() => grid.current?.querySelector<HTMLButtonElement>('[tabindex="0"]')?.focus(), [hand]);
    const move = (event: KeyboardEvent) => {
        const to = MOVES[event.key]?.(hand);
        if (to !== undefined) {
            event.preventDefault();
            setHand(to < min ? min : to);
        }
    };
    return (
        <span className="month">
            <span className="month-head">
                <Button size="small" aria-label="The month before" onClick={() => setHand(addMonths(hand, -1))}>
                    ◂
                </Button>
                <b aria-live="polite">{date(hand, OF_MONTH)}</b>
                <Button size="small" aria-label="The month after" onClick={() => setHand(addMonths(hand, 1))}>
                    ▸
                </Button>
            </span>
            <table ref={grid} onKeyDown={move}>
                <thead>
                    <tr>
                        {WEEK.map((day) => (
                            <th key={day} scope="col">
                                {day}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {weeksOf(hand).map((week) => (
                        <tr key={week[0]}>
                            {week.map((day) => (
                                <td key={day}>
                                    <button
                                        type="button"
                                        tabIndex={day === hand ? 0 : -1}
                                        disabled={day < min}
                                        aria-pressed={day === chosen}
                                        aria-label={`${String(Number(day.slice(8)))} ${date(day, OF_MONTH)}`}
                                        className={day.startsWith(hand.slice(0, 7)) ? undefined : 'month-other'}
                                        onClick={() => onChoose(day)}
                                    >
                                        {Number(day.slice(8))}
                                    </button>
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </span>
    );
}
