import { Choice } from '@shared/Choice';
import { Button, Checkbox, Select, Slider } from 'antd';
import { type AreaDraft, piecesOf } from '../draft';
import type { Outliner, Tool } from './useOutliner';

const TOOLS: { value: Tool; label: string }[] = [
    { value: 'outline', label: 'outline' },
    { value: 'fill', label: 'fill' },
    { value: 'piece', label: 'piece or place' },
    { value: 'away', label: 'take away' },
];

const SAYS: Record<Tool, string> = {
    outline:
        'Set points along its border; the first point again, or Enter, closes it. Near another area a point goes to its border.',
    fill: 'Point into it: it is filled as far as a clear edge, and never into another area.',
    piece: 'Point at each piece, an eye, a buckle, a decal; or at each place with a name, a brow, a chin.',
    away: 'Outline what shall be nothing again.',
};

interface Props {
    hand: Outliner;
    areas: readonly AreaDraft[];
}

/** What is done to a side. */
export function MapTools({ hand, areas }: Props) {
    const area = areas.find((one) => one.row === hand.row);
    const { features } = piecesOf(area?.pieces ?? '');
    const placed = [
        ...features.map(({ feature, pieces }) => ({ value: feature, label: `${feature} (${String(pieces)})` })),
        ...(area?.places ?? []).map((name) => ({ value: name, label: name })),
    ];
    return (
        <div className="map-tools">
            <Choice label="What to do" value={hand.tool} options={TOOLS} onChange={hand.take} />
            <p>{SAYS[hand.tool]}</p>
            {hand.tool === 'outline' && (
                <Checkbox checked={hand.over} onChange={(event) => hand.setOver(event.target.checked)}>
                    over what is laid out already
                </Checkbox>
            )}
            {hand.tool === 'fill' && (
                <label>
                    Stopped by an edge that is
                    <Slider
                        ariaLabelForHandle="How clear an edge stops it"
                        min={4}
                        max={60}
                        marks={{ 4: 'faint', 60: 'clear' }}
                        value={hand.edge}
                        onChange={hand.setEdge}
                    />
                </label>
            )}
            {hand.tool === 'piece' && area !== undefined && (
                <Select
                    aria-label="What it is that you point at"
                    placeholder={placed.length === 0 ? `${area.name} has no pieces or places in the list` : 'what it is'}
                    value={hand.feature === '' ? null : hand.feature}
                    options={placed}
                    onChange={hand.setFeature}
                />
            )}
            <p className="map-deeds">
                {hand.points.length > 0 && (
                    <Button onClick={hand.close} disabled={hand.points.length < 3}>
                        Close the outline
                    </Button>
                )}
                <Button onClick={hand.undo} disabled={!hand.mayUndo}>
                    Undo
                </Button>
            </p>
            <p role="status" className="map-said">
                {hand.said}
            </p>
        </div>
    );
}
