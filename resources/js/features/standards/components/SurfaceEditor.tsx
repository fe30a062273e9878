import { useQuery } from '@tanstack/react-query';
import { type Change, type Draft, piece, type SurfaceDoc, surfaceLike, WHOLE, withMember } from '../document';
import { errorsOf } from '../errors';
import { membersOf } from '../members';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { AddNamed } from './AddNamed';
import { MemberFields } from './MemberFields';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { MoveInList } from './MoveInList';
import { SchoolsEditor } from './SchoolsEditor';

interface Props {
    draft: Draft;
    id: string;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
    /** Another surface beside this one, which opens once it is stored. */
    onAdd: (made: { id: string; changes: Change[] }) => Promise<unknown>;
}

export function SurfaceEditor({ draft, id, onClose, onChange, onAdd }: Props) {
    const stored = draft.document.surfaces.find((one) => one.id === id) ?? null;
    const hand = usePiece<SurfaceDoc>(draft, piece('surface', id), stored);
    const vocabulary = useQuery(vocabularyOptions());
    const surface = hand.value;
    if (surface === null) {
        return null;
    }
    const members = membersOf(vocabulary.data?.fields.surface, surface, errorsOf(hand.error), hand.change);
    return (
        <PiecePanel
            title={stored?.name ?? id}
            hand={hand}
            words={(value) => <p>{value?.name ?? 'taken away'}</p>}
            onClose={onClose}
        >
            <MemberFields section="head" {...members} />
            <div className="fields">
                <MemberFields section="words" {...members} />
            </div>
            <MemberFields section="work" {...members} />
            <h3>Schools on this surface</h3>
            <SchoolsEditor
                schools={vocabulary.data?.schools ?? []}
                chosen={surface.schools ?? {}}
                wider={draft.document.schools ?? {}}
                onChange={(schools) =>
                    hand.change(withMember(surface, 'schools', Object.keys(schools).length === 0 ? undefined : schools))
                }
            />
            <div className="copy-deeds">
                {id !== WHOLE && stored !== null && (
                    <AddNamed label="Add one like it" onAdd={(name) => onAdd(surfaceLike(draft, stored, name))} />
                )}
                <MoveInList draft={draft} list="surfaces" id={id} earlier="One row up" later="One row down" onChange={onChange} />
                <RemovePiece draft={draft} piece={piece('surface', id)} label="Take this surface away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}
