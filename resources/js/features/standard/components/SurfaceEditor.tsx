import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { type Change, type Draft, moved, piece, revisionOf, type SurfaceDoc, withMember } from '../document';
import { errorsElsewhere, errorsOf } from '../errors';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { Conflict } from './Conflict';
import { TextField } from './Field';
import { SchoolsEditor } from './SchoolsEditor';
import { SidePanel } from './SidePanel';
import { WordField } from './WordField';

interface Props {
    draft: Draft;
    id: string;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
}

export function SurfaceEditor({ draft, id, onClose, onChange }: Props) {
    const stored = draft.document.surfaces.find((one) => one.id === id) ?? null;
    const hand = usePiece<SurfaceDoc>(draft, piece('surface', id), stored);
    const vocabulary = useQuery(vocabularyOptions());
    const surface = hand.value;
    if (surface === null) {
        return null;
    }
    const errors = errorsOf(hand.error);
    const set = <K extends keyof SurfaceDoc>(member: K, value: SurfaceDoc[K] | undefined | '') =>
        hand.change(withMember(surface, member, value));
    const ids = draft.document.surfaces.map((one) => one.id);
    const move = (by: number) =>
        onChange([{ ...piece('order', 'surfaces'), revision: draft.revisions.order, value: moved(ids, ids.indexOf(id), by) }]);
    return (
        <SidePanel
            title={stored?.name ?? id}
            state={hand.error !== null ? 'not stored' : hand.isDirty ? '' : 'stored'}
            onClose={onClose}
        >
            {hand.theirs !== null && (
                <Conflict
                    by={hand.theirs.by}
                    theirs={<p>{hand.theirs.value?.name ?? 'taken away'}</p>}
                    mine={<p>{surface.name}</p>}
                    onTheirs={hand.takeTheirs}
                    onMine={hand.storeMine}
                />
            )}
            {errorsElsewhere(hand.error).map((message) => (
                <p key={message} className="field-error" role="alert">
                    ◆ {message}
                </p>
            ))}
            <TextField
                label="Name"
                value={surface.name}
                error={errors('name')}
                onChange={(name) => hand.change({ ...surface, name })}
            />
            <div className="fields">
                <TextField
                    label="What it is"
                    value={surface.note}
                    error={errors('note')}
                    onChange={(note) => set('note', note)}
                />
                <TextField
                    label="Group"
                    value={surface.group}
                    error={errors('group')}
                    onChange={(group) => set('group', group)}
                />
                <WordField
                    label="Drawn as"
                    value={surface.plate}
                    words={vocabulary.data?.plates ?? []}
                    onChange={(plate) => set('plate', plate)}
                />
            </div>
            <Checkbox
                checked={surface.needs_lay_in ?? true}
                onChange={(event) => set('needs_lay_in', event.target.checked ? undefined : false)}
            >
                Needs a lay-in
            </Checkbox>
            <h3>Schools on this surface</h3>
            <SchoolsEditor
                schools={vocabulary.data?.schools ?? []}
                chosen={surface.schools ?? {}}
                wider={draft.document.schools ?? {}}
                onChange={(schools) => set('schools', Object.keys(schools).length === 0 ? undefined : schools)}
            />
            <div className="copy-deeds">
                <button type="button" className="plain-button" disabled={ids.indexOf(id) === 0} onClick={() => move(-1)}>
                    One row up
                </button>
                <button
                    type="button"
                    className="plain-button"
                    disabled={ids.indexOf(id) === ids.length - 1}
                    onClick={() => move(1)}
                >
                    One row down
                </button>
                <button
                    type="button"
                    className="plain-button"
                    onClick={() =>
                        onChange([{ ...piece('surface', id), revision: revisionOf(draft, piece('surface', id)), value: null }])
                    }
                >
                    Take this surface away
                </button>
            </div>
        </SidePanel>
    );
}
