import type { Schemas } from '@api';
import { clock, shortDay } from '../days';

interface Line {
    from: string;
    until: string;
    what: string;
    steps: string;
    waiting: boolean;
}

/** The same plan to be read or printed: each sitting with what is laid in it. */
export function InWords({ plan }: { plan: Schemas['JobPlan'] }) {
    return (
        <ol className="plan-words">
            {plan.sittings
                .map((sitting) => ({ sitting, lines: linesOf(plan, sitting) }))
                .filter(({ lines }) => lines.length > 0)
                .map(({ sitting, lines }) => (
                    <li key={`${sitting.painter_id} ${sitting.from}`}>
                        <h3>
                            {shortDay(sitting.from.slice(0, 10))} <span>{sitting.painter}</span>
                        </h3>
                        <ol>
                            {lines.map((line) => (
                                <li key={`${line.what} ${line.from}`}>
                                    <span className="plan-clock">
                                        {clock(line.from)}–{clock(line.until)}
                                    </span>
                                    <b>{line.what}</b>
                                    <span className={line.waiting ? 'plan-quiet' : ''}>{line.steps}</span>
                                </li>
                            ))}
                        </ol>
                    </li>
                ))}
        </ol>
    );
}

function linesOf(plan: Schemas['JobPlan'], sitting: Schemas['JobPlan']['sittings'][number]): Line[] {
    const within = (from: string) => from >= sitting.from && from < sitting.until;
    const own = plan.rows
        .filter((row) => row.painter_id === sitting.painter_id)
        .flatMap((row) => row.stretches.map((stretch) => ({ ...stretch, what: `${row.unit}, ${row.tier}` })));
    const others = plan.others
        .filter((other) => other.painter_id === sitting.painter_id)
        .flatMap((other) => other.stretches.map((stretch) => ({ ...stretch, what: `${other.unit} (${other.job})` })));
    // A wait that no clock shows is none.
    const shows = (line: Line) => !line.waiting || clock(line.from) !== clock(line.until);
    return [...own, ...others]
        .filter((line) => within(line.from) && shows(line))
        .sort((one, other) => one.from.localeCompare(other.from));
}
