import type { Schemas } from '@api';
import { Field, TextField } from '@shared/Field';
import { count } from '@shared/format';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { useAssign } from '../useAssign';
import { FigureChips } from './FigureChips';
import { MoreFigures } from './MoreFigures';
import { MoveFigures } from './MoveFigures';
import { NameFigure } from './NameFigure';
import { OtherType } from './OtherType';

interface Props {
    unit: Schemas['GridUnit'];
    /** Those of the row that nothing happened to, as far as it can be told here. */
    untouched: readonly Schemas['GridFigure'][];
    /** Those of the row that are not signed. */
    figures: readonly Schemas['GridFigure'][];
    /** All units of the job, as they stand. */
    units: readonly Schemas['GridUnit'][];
    assign: ReturnType<typeof useAssign>;
}

const END = 0;

/** What a unit and a figure of it are called, of which type they are, how many there are. */
export function ChangeUnit({ unit, untouched, figures, units, assign }: Props) {
    const [open, setOpen] = useState(false);
    const [name, setName] = useState(unit.name);
    const [note, setNote] = useState(unit.note);
    const [gone, setGone] = useState<readonly number[]>([]);
    const others = units.filter((other) => other.id !== unit.id);
    const cameFinished = figures.filter((figure) => figure.elsewhere || (figure.raises === null && untouched.includes(figure)));
    const finished = figures.filter((figure) => figure.elsewhere).map((figure) => figure.id);
    const next = units[units.findIndex((other) => other.id === unit.id) + 1];
    if (!open) {
        return <Button onClick={() => setOpen(true)}>Change the unit</Button>;
    }
    return (
        <section className="change-form" aria-label={`Change ${unit.name}`}>
            <TextField label="Name" value={name} onChange={setName} />
            <TextField label="Note" value={note} onChange={setNote} />
            <p className="change-deeds">
                <Button
                    disabled={name.trim() === '' || (name === unit.name && note === unit.note) || assign.isPending}
                    onClick={() => assign.rename(unit, name, note)}
                >
                    Keep name and note
                </Button>
            </p>
            {others.length > 0 && (
                <Field label="Stands before">
                    {(id) => (
                        <Select
                            id={id}
                            aria-label="Stands before"
                            value={next?.id ?? END}
                            options={[
                                ...others.map((other) => ({ value: other.id, label: other.name })),
                                { value: END, label: 'nobody: it is the last' },
                            ]}
                            disabled={assign.isPending}
                            onChange={(before: number) => assign.place(unit, before === END ? null : before)}
                        />
                    )}
                </Field>
            )}
            {figures[0] !== undefined && <NameFigure figures={[figures[0], ...figures.slice(1)]} assign={assign} />}
            {untouched.length > 0 && <OtherType unit={unit} untouched={untouched} assign={assign} />}
            <MoreFigures unit={unit} assign={assign} />
            {figures.length > 0 && <MoveFigures unit={unit} figures={figures} others={others} assign={assign} />}
            {cameFinished.length > 0 && (
                <fieldset disabled={assign.isPending}>
                    <legend>Came finished, painted elsewhere: judged at their tier, not painted</legend>
                    <FigureChips
                        label="Figures that came finished"
                        figures={cameFinished}
                        chosen={finished}
                        onChoose={(chosen) => {
                            const came = chosen.find((id) => !finished.includes(id));
                            const here = finished.find((id) => !chosen.includes(id));
                            assign.finished(unit, [came ?? here ?? 0], came !== undefined);
                        }}
                    />
                </fieldset>
            )}
            {untouched.length > 0 && (
                <fieldset>
                    <legend>Take away, of this row; what was worked on stays</legend>
                    <FigureChips label="Figures that are taken away" figures={untouched} chosen={gone} onChoose={setGone} />
                    <Button
                        disabled={gone.length === 0 || assign.isPending}
                        onClick={() => {
                            assign.removeFigures(unit, [...gone]);
                            setGone([]);
                        }}
                    >
                        Take {count(gone.length, 'figure')} away{gone.length === unit.count && ', and the unit with them'}
                    </Button>
                </fieldset>
            )}
        </section>
    );
}
