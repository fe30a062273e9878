import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { type Change, type Draft, piece, type SurfaceDoc, withMember } from '../document';
import { errorsOf } from '../errors';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { MoveInList } from './MoveInList';
import { TextField } from '@shared/Field';
import { SchoolsEditor } from './SchoolsEditor';
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
    return (
        <PiecePanel
            title={stored?.name ?? id}
            hand={hand}
            words={(value) => <p>{value?.name ?? 'taken away'}</p>}
            onClose={onClose}
        >
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
                <MoveInList draft={draft} list="surfaces" id={id} earlier="One row up" later="One row down" onChange={onChange} />
                <RemovePiece draft={draft} piece={piece('surface', id)} label="Take this surface away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}
