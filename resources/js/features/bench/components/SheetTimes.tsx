import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';
import { Why } from '@shared/Why';

const PATHS = { 'step-by-step': 'Step by step', 'figure-by-figure': 'Figure by figure' };

/** What the sheet takes for all its figures: by hand, and on the clock by each path through them. */
export function SheetTimes({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    const { times } = sheet;
    const many = sheet.figures.length;
    // Through one figure there is one path.
    const paths = many === 1 ? times.paths.slice(0, 1) : times.paths;
    const early = times.paths[0]?.early ?? '';
    return (
        <p className="sheet-facts sheet-times">
            <span>
                <b>{minutes(times.by_hand)} by hand</b>
                {many > 1 && ` for all ${String(many)}`}
            </span>
            {paths.map((path) => (
                <span key={path.path}>
                    {many === 1 ? 'On the clock' : PATHS[path.path]} {minutes(path.elapsed)}
                    <small>
                        {path.waiting > 0.5 ? `, ${minutes(path.waiting)} of it waiting` : ', nothing waits'}
                        {path.changes > 0 && `, ${count(path.changes, 'change')} of paint`}
                    </small>
                </span>
            ))}
            {times.at_once !== null && <span>Enough at once: {count(times.at_once, 'figure')}.</span>}
            {early !== '' && <span>Begin early, for it dries long: {early}.</span>}
            <Why why={times.why} about={`the time of ${sheet.unit.name}`} />
        </p>
    );
}
