import type { Schemas } from '@api';
import { minutes } from '@shared/format';
import { numbered } from '../rows';

interface Props {
    sheet: Schemas['BenchSheet'];
    stop: Schemas['SheetStop'];
}

/** A place where figures could be closed and shipped at a lower tier. */
export function StopMark({ sheet, stop }: Props) {
    const figures = sheet.figures.filter((figure) => stop.figures.includes(figure.id));
    const who = figures.length < sheet.figures.length ? `${numbered(figures)}: ` : '';
    return (
        <li className="step-stop">
            <b>
                {who}complete at {stop.tier}
            </b>
            {stop.still.length > 0 && `, but for ${stop.still.join(', ')}`}. What follows takes {minutes(stop.minutes)} a figure.
        </li>
    );
}
