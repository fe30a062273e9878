import type { Schemas } from '@api';
import { count } from '@shared/format';
import { useKept } from '@shared/kept';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { markable, openOnAny, waitingForLook } from '../marking';
import { numbered, type Row } from '../rows';
import { useRowMarks } from '../useRowMarks';
import { FigureMarks } from './FigureMarks';

interface Props {
    sheet: Schemas['BenchSheet'];
    places: Row['places'];
    onMoved: () => void;
}

/** A look between stages: who may check says that it holds, or what does not yet; the painter says when it is put right. */
export function LookDeeds({ sheet, places, onMoved }: Props) {
    const marks = useRowMarks(sheet, places);
    const [saying, setSaying] = useState(false);
    const early = waitingForLook(places, sheet.figures);
    const lookers = sheet.figures.filter((figure) => figure.may_look && !early.includes(figure));
    const open = openOnAny(places, lookers).filter((figure) => !marks.marking.includes(figure.id));
    const next = open[0];
    const holds = (figures: readonly Schemas['SheetFigure'][]) =>
        marks.say({ state: 'done' }, figures, () => figures.length === open.length && onMoved());
    return (
        <>
            <FigureMarks
                sheet={sheet}
                places={places}
                mine={lookers}
                marking={marks.marking}
                onToggle={(figure) => (open.includes(figure) ? holds([figure]) : marks.takeBack(figure))}
            />
            <NotYet sheet={sheet} places={places} onPutRight={marks.takeBack} />
            {next === undefined ? (
                <p>{standing(early, openOnAny(places, sheet.figures).length > 0)}</p>
            ) : (
                <div className="current-deeds">
                    <Button type="primary" className="big" onClick={() => holds(open)}>
                        It holds on {open.length === 1 ? `figure ${String(next.number)}` : `all ${count(open.length, 'figure')}`}
                    </Button>
                    {open.length > 1 && (
                        <Button className="big" onClick={() => holds([next])}>
                            It holds on figure {next.number}
                        </Button>
                    )}
                    <Button className="big" onClick={() => setSaying(true)}>
                        Not yet…
                    </Button>
                </div>
            )}
            {saying && next !== undefined && (
                <NotYetForm
                    name={places.map((place) => place.use).join()}
                    figures={open}
                    onSay={(figures, reason, onStored) => marks.say({ state: 'not-yet', reason }, figures, onStored)}
                    onClose={() => setSaying(false)}
                />
            )}
        </>
    );
}

/** Why there is nothing to say here, in words. */
function standing(early: readonly Schemas['SheetFigure'][], isOpen: boolean): string {
    if (early.length > 0) {
        return `Nothing to look at yet on ${numbered(early)}: something before it is open there.`;
    }
    return isOpen
        ? 'The lead or a deputy looks here, who did not paint it; what comes after waits for that.'
        : 'It holds on all.';
}

/** What does not hold yet, and on which figures it is put right. */
function NotYet({
    sheet,
    places,
    onPutRight,
}: Omit<Props, 'onMoved'> & { onPutRight: (figure: Schemas['SheetFigure']) => void }) {
    const said = places.flatMap((place) => place.marks.filter((mark) => mark.state === 'not-yet'));
    const mine = markable(sheet);
    return said.length === 0 ? null : (
        <ul className="not-yet">
            {said.map((mark) => {
                const figure = sheet.figures.find((one) => one.id === mark.figure_id);
                return (
                    <li key={mark.id}>
                        <span>
                            <b>Figure {figure?.number}</b> {mark.reason} ({mark.by})
                        </span>
                        {figure !== undefined && mine.includes(figure) && (
                            <Button onClick={() => onPutRight(figure)}>Put right, look again</Button>
                        )}
                    </li>
                );
            })}
        </ul>
    );
}

interface FormProps {
    /** Of the step, so that what is typed for one is not found with another. */
    name: string;
    figures: readonly Schemas['SheetFigure'][];
    onSay: (figures: readonly Schemas['SheetFigure'][], reason: string, onStored: () => void) => void;
    onClose: () => void;
}

/** What does not hold yet, on one figure or on all. */
function NotYetForm({ name, figures, onSay, onClose }: FormProps) {
    const [reason, setReason] = useKept(`not yet ${name}`);
    const [only, setOnly] = useState<number | null>(figures.length === 1 ? (figures[0]?.id ?? null) : null);
    const meant = only === null ? figures : figures.filter((figure) => figure.id === only);
    return (
        <form
            className="excuse-form"
            aria-label="What does not hold yet"
            onSubmit={(event) => {
                event.preventDefault();
                onSay(meant, reason, () => {
                    setReason('');
                    onClose();
                });
            }}
        >
            <label>
                What does not hold yet on {numbered(meant)}
                <Input value={reason} maxLength={500} onChange={(event) => setReason(event.target.value)} />
            </label>
            {figures.length > 1 && (
                <div className="figures-marked" role="group" aria-label="On which figure">
                    {figures.map((figure) => (
                        <button
                            key={figure.id}
                            type="button"
                            aria-pressed={only === figure.id}
                            onClick={() => setOnly(only === figure.id ? null : figure.id)}
                        >
                            {figure.number}
                        </button>
                    ))}
                </div>
            )}
            <Button htmlType="submit" type="primary" disabled={reason.trim() === ''}>
                Say it
            </Button>
            <Button onClick={onClose}>Back</Button>
        </form>
    );
}
