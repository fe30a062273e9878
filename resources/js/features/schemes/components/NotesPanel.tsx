import type { Schemas } from '@api';
import { left } from '@features/paints';
import { ErrorNote } from '@shared/ErrorNote';
import { date } from '@shared/format';
import { Field, TextField } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { Swatch } from '@shared/Swatch';
import { useKept } from '@shared/kept';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { View } from '../queries';
import { useScheme } from '../useScheme';
import { PictureField } from './PictureField';

type Scheme = Schemas['Scheme'];

interface Props {
    scheme: Scheme;
    view: View;
    mayChange: boolean;
    onClose: () => void;
}

/** One list of paints over the figure, and what departed from the plan. */
export function NotesPanel({ scheme, view, mayChange, onClose }: Props) {
    const [area, setArea] = useState('');
    const [text, setText] = useKept('departure');
    const { depart } = useScheme(scheme, view);
    return (
        <SidePanel title="Paints and notes" onClose={onClose}>
            <h3>Paints of the force</h3>
            <ul className="paint-list">
                {scheme.paints.map((paint) => (
                    <li key={paint.name}>
                        <Swatch hex={paint.hex} />
                        <span>
                            {paint.name}
                            <small>
                                {' '}
                                {paint.stock_ml === 0 && '▲ '}
                                {left(paint.stock_ml)} · {paint.areas.join(', ')}
                            </small>
                        </span>
                    </li>
                ))}
            </ul>
            <PictureField scheme={scheme} mayChange={mayChange} />
            <h3>Departures and changes</h3>
            {scheme.notes.length === 0 && (
                <p>Nothing noted yet. Where the work leaves the picture or the plan, write it here with its reason.</p>
            )}
            <ul className="scheme-notes">
                {scheme.notes.map((note) => (
                    <li key={note.id}>
                        {note.area !== '' && <b>{note.area}: </b>}
                        {note.text}{' '}
                        <small>
                            {note.by}
                            {note.at !== null && `, ${date(note.at)}`}
                        </small>
                    </li>
                ))}
            </ul>
            {mayChange && (
                <form
                    className="side-form"
                    onSubmit={(event) => {
                        event.preventDefault();
                        depart.mutate({ area, text }, { onSuccess: () => setText('') });
                    }}
                >
                    <Field label="Area">
                        {(id) => (
                            <Select
                                id={id}
                                value={area}
                                options={[
                                    { value: '', label: 'the whole figure' },
                                    ...scheme.areas.map((one) => ({ value: one.area, label: one.area })),
                                ]}
                                onChange={setArea}
                            />
                        )}
                    </Field>
                    <TextField label="What departs, and why" rows={2} value={text} onChange={setText} />
                    <ErrorNote error={depart.error} />
                    <Button htmlType="submit" loading={depart.isPending}>
                        Note it
                    </Button>
                </form>
            )}
        </SidePanel>
    );
}
