import { type Change, type Draft, type Piece, revisionOf } from '../document';

interface Props {
    draft: Draft;
    piece: Piece;
    label: string;
    onChange: (changes: Change[]) => void;
}

/** Takes a piece away; what uses it is told by who refuses. */
export function RemovePiece({ draft, piece, label, onChange }: Props) {
    return (
        <button
            type="button"
            className="plain-button"
            onClick={() => onChange([{ ...piece, revision: revisionOf(draft, piece), value: null }])}
        >
            {label}
        </button>
    );
}
