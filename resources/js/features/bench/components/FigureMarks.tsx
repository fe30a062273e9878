import type { Schemas } from '@api';
import { hasStep, having } from '../marking';

interface Props {
    sheet: Schemas['BenchSheet'];
    places: readonly Schemas['BenchStep'][];
    mine: readonly Schemas['SheetFigure'][];
    /** Ids of figures whose mark is on its way. */
    marking: readonly number[];
    onToggle: (figure: Schemas['SheetFigure']) => void;
}

/** The figures of the sheet, each with whether the step is done on it at all its places. */
export function FigureMarks({ sheet, places, mine, marking, onToggle }: Props) {
    return (
        <div className="figures-marked" role="group" aria-label="Figures on which it is done">
            {having(places, sheet.figures).map((figure) => {
                const own = places.filter((step) => hasStep(step, figure.id));
                const said = own.flatMap((step) => step.marks.filter((one) => one.figure_id === figure.id));
                const marked = own.length > 0 && said.filter((mark) => mark.state !== 'not-yet').length === own.length;
                const waits = marking.includes(figure.id);
                return (
                    <button
                        key={figure.id}
                        type="button"
                        aria-pressed={marked}
                        className={waits ? 'waiting' : marked && said.some((mark) => mark.state !== 'done') ? 'excused' : ''}
                        disabled={!mine.includes(figure) || waits}
                        title={
                            waits ? 'waiting to be stored' : said.length === 0 ? 'not done' : said.map(words(places)).join('; ')
                        }
                        onClick={() => onToggle(figure)}
                    >
                        {figure.number}
                        {figure.name !== '' && <small> {figure.name}</small>}
                    </button>
                );
            })}
        </div>
    );
}

/** What was said of a step on one figure, with the place where there are several. */
function words(places: readonly Schemas['BenchStep'][]) {
    return (mark: Schemas['StepMark']) => {
        const where = places.length === 1 ? '' : `${places.find((step) => step.marks.includes(mark))?.area ?? ''} `;
        return mark.state === 'done' ? `${where}done by ${mark.by}` : `${where}${mark.state}: ${mark.reason}`;
    };
}
