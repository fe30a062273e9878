import type { Schemas } from '@api';
import { count, date } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import type { CSSProperties } from 'react';
import { weeksOptions } from '../queries';

type Week = Schemas['SignedWeek'];

/** How a figure came to its signature, from the foot of a bar up. */
const PARTS: readonly { part: 'first' | 'mended' | 'conceded'; words: string }[] = [
    { part: 'first', words: 'as handed over' },
    { part: 'mended', words: 'after mending' },
    { part: 'conceded', words: 'by concession' },
];

/** The year is this one or the last. */
const DAY = { day: 'numeric', month: 'short' } as const;

function signed(week: Week): number {
    return PARTS.reduce((sum, { part }) => sum + week[part], 0);
}

function wordsOf(week: Week): string {
    const parts = PARTS.filter(({ part }) => week[part] > 0).map(({ part, words }) => `${String(week[part])} ${words}`);
    return `Week from ${date(week.from)}: ${signed(week) === 0 ? 'nothing signed off' : `${String(signed(week))} signed off, ${parts.join(', ')}`}`;
}

/** What was signed off week by week: a bar a week, as high as it has figures. Nothing where nothing was. */
export function Weeks() {
    const weeks = useQuery(weeksOptions()).data ?? [];
    const most = Math.max(0, ...weeks.map(signed));
    const all = weeks.reduce((sum, week) => sum + signed(week), 0);
    return all === 0 ? null : (
        <section className="weeks" aria-labelledby="weeks">
            <h2 id="weeks">
                Twelve weeks <small>{count(all, 'figure')} signed off</small>
            </h2>
            <ol>
                {weeks.map((week) => (
                    <li key={week.from} aria-label={wordsOf(week)} title={wordsOf(week)}>
                        <span aria-hidden="true">{signed(week) === 0 ? '' : signed(week)}</span>
                        <span
                            className="week-bar"
                            aria-hidden="true"
                            style={{ '--high': signed(week) / most } as CSSProperties & Record<string, number>}
                        >
                            {PARTS.map(
                                ({ part }) =>
                                    week[part] > 0 && (
                                        <span key={part} className={`week-${part}`} style={{ flexGrow: week[part] }} />
                                    ),
                            )}
                        </span>
                        <small aria-hidden="true">{date(week.from, DAY)}</small>
                    </li>
                ))}
            </ol>
            <p className="weeks-legend">
                {PARTS.map(({ part, words }) => (
                    <span key={part}>
                        <span className={`week-${part}`} aria-hidden="true" /> {words}
                    </span>
                ))}
            </p>
        </section>
    );
}
