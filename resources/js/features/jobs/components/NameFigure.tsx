import type { Schemas } from '@api';
import { Field } from '@shared/Field';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import type { useAssign } from '../useAssign';

interface Props {
    /** Those of the row that are not signed; at least one. */
    figures: readonly [Schemas['GridFigure'], ...Schemas['GridFigure'][]];
    assign: ReturnType<typeof useAssign>;
}

/** A name of its own for a figure: a serjeant, a hero. It goes with it to bench, check and record. */
export function NameFigure({ figures, assign }: Props) {
    const [id, setId] = useState(figures[0].id);
    const figure = figures.find((one) => one.id === id) ?? figures[0];
    const [typed, setTyped] = useState<string | null>(null);
    const name = typed ?? figure.name;
    return (
        <>
            <Field label={`Name of figure ${String(figure.number)}`}>
                {(field) => (
                    <span className="name-figure">
                        {figures.length > 1 && (
                            <Select
                                aria-label="Figure that has a name"
                                value={figure.id}
                                options={figures.map((one) => ({ value: one.id, label: String(one.number) }))}
                                onChange={(one: number) => {
                                    setId(one);
                                    setTyped(null);
                                }}
                            />
                        )}
                        <Input id={field} value={name} maxLength={120} onChange={(event) => setTyped(event.target.value)} />
                    </span>
                )}
            </Field>
            <p className="change-deeds">
                <Button disabled={name === figure.name || assign.isPending} onClick={() => assign.name(figure, name.trim())}>
                    {figure.name !== '' && name.trim() === '' ? 'Take the name off' : 'Keep the name'}
                </Button>
            </p>
        </>
    );
}
