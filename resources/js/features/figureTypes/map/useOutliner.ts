import { useMemo, useState } from 'react';
import { numbered, type SideDraft } from './draftMaps';
import { flooded, type Photo } from './flood';
import { type Corner, fromRuns, snapped, toRuns, within, withArea } from './raster';

export type Tool = 'outline' | 'fill' | 'piece' | 'away';

/** In places of the map: so near a border a point is meant on it, so near the first it ends the outline. */
const REACH = 7;

const MOST_UNDONE = 40;

/** How clear an edge has to be to stop a filling, where nobody has said. */
const EDGE = 18;

/** An outline while it is drawn, point by point, and what becomes of the side by it. */
export function useOutliner(map: SideDraft, photo: Photo | null, onChange: (map: SideDraft) => void) {
    const [row, setRow] = useState<number | null>(null);
    const [tool, setTool] = useState<Tool>('outline');
    const [over, setOver] = useState(false);
    const [edge, setEdge] = useState(EDGE);
    const [feature, setFeature] = useState('');
    const [points, setPoints] = useState<readonly Corner[]>([]);
    const [before, setBefore] = useState<readonly SideDraft[]>([]);
    const [said, setSaid] = useState('');
    const { width, height, runs } = map;
    const raster = useMemo(() => fromRuns(width, height, runs), [width, height, runs]);
    const become = (next: SideDraft) => {
        setBefore([...before.slice(-MOST_UNDONE + 1), map]);
        setSaid('');
        onChange(next);
    };
    const lay = (mask: Uint8Array, of: number | null) => {
        const [side, label] = of === null ? ([map, 0] as const) : numbered(map, of);
        become({ ...side, runs: toRuns(withArea(raster, mask, label, over || of === null)) });
    };
    const close = () => {
        if (points.length < 3) {
            setSaid('An outline has at least three points.');
        } else if (tool === 'away' || row !== null) {
            lay(within(raster, points), tool === 'away' ? null : row);
            setPoints([]);
        }
    };
    const outline = (at: Corner) => {
        const first = points[0];
        if (points.length > 2 && first !== undefined && Math.hypot(first.x - at.x, first.y - at.y) < REACH) {
            close();
        } else {
            setSaid('');
            setPoints([...points, snapped(raster, at, REACH)]);
        }
    };
    const fill = (at: Corner) => {
        const mask = flooded(raster, photo, Math.floor(at.x), Math.floor(at.y), edge);
        if (mask === null) {
            setSaid('That runs out over most of the picture: it found no clear edge. Let a fainter edge stop it, or outline it.');
        } else if (!mask.includes(1)) {
            setSaid('This place is laid out already.');
        } else {
            lay(mask, row);
        }
    };
    const point = (at: Corner) => {
        if (tool === 'away') {
            outline(at);
        } else if (row === null) {
            setSaid('Choose first which area it is.');
        } else if (tool === 'outline') {
            outline(at);
        } else if (tool === 'fill') {
            fill(at);
        } else if (feature === '') {
            setSaid('Say first what it is; which pieces and places an area has stands in the list of areas.');
        } else {
            become({ ...map, pieces: [...map.pieces, { row, feature, x: at.x / width, y: at.y / height, name: '' }] });
        }
    };
    const undo = () => {
        const last = before.at(-1);
        if (points.length > 0) {
            setPoints(points.slice(0, -1));
        } else if (last !== undefined) {
            setBefore(before.slice(0, -1));
            setSaid('');
            onChange(last);
        }
    };
    return {
        raster,
        row,
        tool,
        over,
        edge,
        feature,
        points,
        said,
        mayUndo: points.length > 0 || before.length > 0,
        choose: (next: number) => {
            setRow(next);
            setFeature('');
            setSaid('');
        },
        take: (next: Tool) => {
            setTool(next);
            setPoints([]);
            setSaid('');
        },
        setOver,
        setEdge,
        setFeature,
        point,
        close,
        undo,
        leave: () => setPoints([]),
        become,
    };
}

export type Outliner = ReturnType<typeof useOutliner>;
