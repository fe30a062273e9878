import { Button, Input } from 'antd';
import type { AreaDraft } from '../draft';
import type { PieceDraft, SideDraft } from './draftMaps';

interface Props {
    map: SideDraft;
    areas: readonly AreaDraft[];
    onChange: (map: SideDraft) => void;
}

/** The pieces and named places that are pointed at on a side; each piece can have a name of its own. */
export function PieceNames({ map, areas, onChange }: Props) {
    const change = (at: number, piece: PieceDraft | null) =>
        onChange({ ...map, pieces: map.pieces.flatMap((one, i) => (i === at ? (piece === null ? [] : [piece]) : [one])) });
    return map.pieces.length === 0 ? null : (
        <ul className="map-pieces" aria-label="What is pointed at">
            {map.pieces.map((piece, i) => {
                const area = areas.find((one) => one.row === piece.row);
                const what = `${piece.feature} of ${area?.name ?? 'an area that is gone'}`;
                return (
                    <li key={i}>
                        <span>{what}</span>
                        {area?.places.includes(piece.feature) === true ? (
                            <small>a place</small>
                        ) : (
                            <Input
                                aria-label={`Name of this ${what}`}
                                placeholder="a name of its own"
                                value={piece.name}
                                maxLength={120}
                                onChange={(event) => change(i, { ...piece, name: event.target.value })}
                            />
                        )}
                        <Button aria-label={`Take this ${what} off`} onClick={() => change(i, null)}>
                            −
                        </Button>
                    </li>
                );
            })}
        </ul>
    );
}
