import { useQuery } from '@tanstack/react-query';
import { type Draft, piece, withMember } from '../document';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { type Head, headOf } from '../head';
import { errorsOf } from '../errors';
import { TextField } from '@shared/Field';
import { SchoolsEditor } from './SchoolsEditor';

/** The standard as a whole: its name and version, the studio's schools, notes. */
export function SchoolsPanel({ draft, onClose }: { draft: Draft; onClose: () => void }) {
    const hand = usePiece<Head>(draft, piece('head'), headOf(draft.document));
    const vocabulary = useQuery(vocabularyOptions());
    const head = hand.value;
    if (head === null) {
        return null;
    }
    const errors = errorsOf(hand.error);
    return (
        <PiecePanel title="Schools and names" hand={hand} words={(value) => <p>{value?.version}</p>} onClose={onClose}>
            <div className="fields">
                <TextField
                    label="Name of the standard"
                    value={head.name}
                    error={errors('name')}
                    onChange={(name) => hand.change({ ...head, name })}
                />
                <TextField
                    label="Version"
                    value={head.version}
                    error={errors('version')}
                    onChange={(version) => hand.change({ ...head, version })}
                />
            </div>
            <h3>Schools</h3>
            <p>Where practitioners do it in different ways, this studio does it so. A surface may have its own choice.</p>
            <SchoolsEditor
                schools={vocabulary.data?.schools ?? []}
                chosen={head.schools ?? {}}
                onChange={(schools) =>
                    hand.change(withMember(head, 'schools', Object.keys(schools).length === 0 ? undefined : schools))
                }
            />
            <TextField
                label="Notes"
                rows={3}
                value={head.notes}
                onChange={(notes) => hand.change(withMember(head, 'notes', notes))}
            />
        </PiecePanel>
    );
}
