import { useQuery } from '@tanstack/react-query';
import { type Change, type Draft, piece, type SurfaceDoc, withMember } from '../document';
import { errorsOf } from '../errors';
import { membersOf } from '../members';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
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
}

export function SurfaceEditor({ draft, id, onClose, onChange }: Props) {
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
                <MoveInList draft={draft} list="surfaces" id={id} earlier="One row up" later="One row down" onChange={onChange} />
                <RemovePiece draft={draft} piece={piece('surface', id)} label="Take this surface away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}
