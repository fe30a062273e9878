import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';
import { Popover } from 'antd';
import { MixShown } from './MixShown';

interface Props {
    sheet: Schemas['BenchSheet'];
    step: Schemas['BenchStep'];
    isCurrent: boolean;
    /** The number of the first step with the same caution, which says it in full; null when this is it. */
    cautionAt: number | null;
    onChoose: () => void;
}

/** One line of the sheet, as it is printed too. */
export function StepRow({ sheet, step, isCurrent, cautionAt, onChoose }: Props) {
    const marked = step.marks.length;
    const all = sheet.figures.length;
    const excused = step.marks.filter((mark) => mark.state !== 'done');
    const why = (
        <ul className="why-list">
            {step.why.map((one) => (
                <li key={one.sentence}>
                    <b>{one.reason}</b> {one.sentence}
                </li>
            ))}
        </ul>
    );
    return (
        <li className={`step ${isCurrent ? 'step-current' : ''} ${marked === all ? 'step-done' : ''}`}>
            <span className="step-number">{step.number}</span>
            <div className="step-what">
                <button type="button" className="step-title" onClick={onChoose}>
                    <b>{step.title}</b>, {step.surface === 'whole' ? 'whole figure' : step.area}
                </button>
                {step.degree !== '' && <span className="step-degree">{step.degree}</span>}
                {step.note !== '' && <span className="step-degree">{step.note}</span>}
                <span className="step-mixes">
                    {step.mixes
                        .filter((mix) => mix.parts.length > 0)
                        .map((mix) => (
                            <MixShown key={mix.step} mix={mix} numbered={step.mixes.length > 1} />
                        ))}
                </span>
                {excused.map((mark) => (
                    <small key={mark.figure_id} className="step-excused">
                        figure {sheet.figures.find((figure) => figure.id === mark.figure_id)?.number}:{' '}
                        {mark.state.replaceAll('-', ' ')}, {mark.reason} ({mark.by})
                    </small>
                ))}
                {step.caution !== null && (
                    <small className="step-caution">
                        {cautionAt === null ? step.caution : `Caution as at step ${cautionAt}.`}
                    </small>
                )}
                <span className="step-boxes" aria-hidden="true">
                    {sheet.figures.map((figure) => {
                        const mark = step.marks.find((one) => one.figure_id === figure.id);
                        return (
                            <i
                                key={figure.id}
                                className={mark === undefined ? '' : mark.state === 'done' ? 'box-done' : 'box-excused'}
                            >
                                {figure.number}
                            </i>
                        );
                    })}
                </span>
            </div>
            <span className="step-times">
                {step.minutes > 0 ? `${fewMinutes(step.minutes)} min` : ''}
                {step.dry > 0 && (
                    <small>
                        dry {step.dry}
                        {step.dry_times > 1 && ` × ${step.dry_times}`}
                    </small>
                )}
                {step.wet_into !== '' && <small>in one go</small>}
            </span>
            <span className="step-marked">{marked === all ? '✓' : `${marked}/${all}`}</span>
            <Popover trigger="click" content={why} arrow={false} placement="bottomRight">
                <button type="button" className="why" aria-label={`Why here: ${step.title}, ${step.area}`}>
                    Why here
                </button>
            </Popover>
        </li>
    );
}
