import { Button, Input } from 'antd';
import type { AreaDraft } from '../draft';
import type { PieceDraft, SideDraft } from './draftMaps';

interface Props {
    map: SideDraft;
    areas: readonly AreaDraft[];
    onChange: (map: SideDraft) => void;
}

/** The pieces that are placed on a side; each can have a name of its own. */
export function PieceNames({ map, areas, onChange }: Props) {
    const change = (at: number, piece: PieceDraft | null) =>
        onChange({ ...map, pieces: map.pieces.flatMap((one, i) => (i === at ? (piece === null ? [] : [piece]) : [one])) });
    return map.pieces.length === 0 ? null : (
        <ul className="map-pieces" aria-label="Pieces that are placed">
            {map.pieces.map((piece, i) => {
                const what = `${piece.feature} of ${areas.find((area) => area.row === piece.row)?.name ?? 'an area that is gone'}`;
                return (
                    <li key={i}>
                        <span>{what}</span>
                        <Input
                            aria-label={`Name of this ${what}`}
                            placeholder="a name of its own"
                            value={piece.name}
                            maxLength={120}
                            onChange={(event) => change(i, { ...piece, name: event.target.value })}
                        />
                        <Button aria-label={`Take this ${what} off`} onClick={() => change(i, null)}>
                            −
                        </Button>
                    </li>
                );
            })}
        </ul>
    );
}
