import { type Change, type Draft, moved, piece } from '../document';

interface Props {
    draft: Draft;
    list: 'surfaces' | 'techniques';
    id: string;
    earlier: string;
    later: string;
    onChange: (changes: Change[]) => void;
}

/** Moves an entry of a list by one place. */
export function MoveInList({ draft, list, id, earlier, later, onChange }: Props) {
    const ids = draft.document[list].map((one) => one.id);
    const place = ids.indexOf(id);
    const move = (by: number) =>
        onChange([{ ...piece('order', list), revision: draft.revisions.order, value: moved(ids, place, by) }]);
    return (
        <>
            <button type="button" className="plain-button" disabled={place === 0} onClick={() => move(-1)}>
                {earlier}
            </button>
            <button type="button" className="plain-button" disabled={place === ids.length - 1} onClick={() => move(1)}>
                {later}
            </button>
        </>
    );
}
