import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';
import { Popover } from 'antd';
import { hasStep, having, openOnAny } from '../marking';
import { areasOf, numbered, type Row } from '../rows';
import { MixShown } from './MixShown';

interface Props {
    sheet: Schemas['BenchSheet'];
    row: Row;
    isCurrent: boolean;
    /** The number of the first step with the same caution, which says it in full; null when this is it. */
    cautionAt: number | null;
    onChoose: () => void;
}

/** One line of the sheet, as it is printed too. */
export function StepRow({ sheet, row, isCurrent, cautionAt, onChoose }: Props) {
    const [step] = row.places;
    const figures = having(row.places, sheet.figures);
    const all = figures.length;
    const marked = all - openOnAny(row.places, sheet.figures).length;
    const excused = row.places.flatMap((place) =>
        place.marks.filter((mark) => mark.state !== 'done').map((mark) => ({ ...mark, area: place.area })),
    );
    const sentences = row.places.flatMap((place) => place.why.map((one) => ({ ...one, area: place.area })));
    const reasons = sentences.filter((one, at) => sentences.findIndex((other) => other.sentence === one.sentence) === at);
    const many = row.places.length > 1;
    const why = (
        <ul className="why-list">
            {reasons.map((one) => (
                <li key={one.sentence}>
                    <b>{one.reason}</b> {many && one.reason !== 'one go' && `${one.area}: `}
                    {one.sentence}
                </li>
            ))}
        </ul>
    );
    return (
        <li className={`step ${isCurrent ? 'step-current' : ''} ${marked === all ? 'step-done' : ''}`}>
            <span className="step-number">{step.number}</span>
            <div className="step-what">
                <button type="button" className="step-title" onClick={onChoose}>
                    <b>{step.title}</b>, {areasOf(row)}
                </button>
                {all < sheet.figures.length && <span className="step-only">{numbered(figures)}</span>}
                {step.degree !== '' && <span className="step-degree">{step.degree}</span>}
                {row.places.map(
                    (place) =>
                        place.note !== '' && (
                            <span key={place.area} className="step-degree">
                                {many && `${place.area}: `}
                                {place.note}
                            </span>
                        ),
                )}
                <span className="step-mixes">
                    {step.mixes
                        .filter((mix) => mix.parts.length > 0)
                        .map((mix) => (
                            <MixShown key={mix.step} mix={mix} numbered={step.mixes.length > 1} />
                        ))}
                </span>
                {excused.map((mark) => (
                    <small key={`${mark.area} ${mark.figure_id}`} className="step-excused">
                        {many && `${mark.area}, `}figure {sheet.figures.find((figure) => figure.id === mark.figure_id)?.number}:{' '}
                        {mark.state.replaceAll('-', ' ')}, {mark.reason} ({mark.by})
                    </small>
                ))}
                {step.caution !== null && (
                    <small className="step-caution">
                        {cautionAt === null ? step.caution : `Caution as at step ${cautionAt}.`}
                    </small>
                )}
                <span className="step-boxes" aria-hidden="true">
                    {figures.map((figure) => (
                        <i key={figure.id} className={boxOf(row, figure.id)}>
                            {figure.number}
                        </i>
                    ))}
                </span>
            </div>
            <span className="step-times">
                {(row.go ?? step).minutes > 0 ? `${fewMinutes((row.go ?? step).minutes)} min` : ''}
                {step.dry > 0 && (
                    <small>
                        dry {step.dry}
                        {step.dry_times > 1 && ` × ${step.dry_times}`}
                    </small>
                )}
                {step.wet_into !== '' && <small>in one go</small>}
            </span>
            <span className="step-marked">{marked < all ? `${marked}/${all}` : excused.length === 0 ? '✓' : '–'}</span>
            <Popover trigger="click" content={why} arrow={false} placement="bottomRight">
                <button type="button" className="why" aria-label={`Why here: ${step.title}, ${areasOf(row)}`}>
                    Why here
                </button>
            </Popover>
        </li>
    );
}

/** Whether a figure is marked at all places of a step. */
function boxOf(row: Row, figure: number): string {
    const marks = row.places
        .filter((place) => hasStep(place, figure))
        .map((place) => place.marks.find((mark) => mark.figure_id === figure));
    if (marks.includes(undefined)) {
        return '';
    }
    return marks.every((mark) => mark?.state === 'done') ? 'box-done' : 'box-excused';
}
