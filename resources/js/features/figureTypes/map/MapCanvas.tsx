import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from 'react';
import type { AreaDraft } from '../draft';
import type { SideDraft } from './draftMaps';
import { middles, paint } from './paint';
import type { Corner } from './raster';
import type { Outliner } from './useOutliner';

interface Props {
    map: SideDraft;
    areas: readonly AreaDraft[];
    image: HTMLImageElement | null;
    hand: Outliner;
    /** Pixels of the screen a place. */
    scale: number;
}

const MOVES: Record<string, Corner> = {
    ArrowLeft: { x: -1, y: 0 },
    ArrowRight: { x: 1, y: 0 },
    ArrowUp: { x: 0, y: -1 },
    ArrowDown: { x: 0, y: 1 },
};

const WIDE_STEP = 10;

/** The picture of a side with what is laid out on it: points are set with the mouse, a finger, or the arrows and the space bar. */
export function MapCanvas({ map, areas, image, hand, scale }: Props) {
    const canvas = useRef<HTMLCanvasElement>(null);
    const [cursor, setCursor] = useState<Corner | null>(null);
    const { raster, points, row } = hand;
    const { width, height, rows, pieces } = map;
    const chosen = row === null ? 0 : rows.indexOf(row) + 1;
    const names = useMemo(
        () =>
            [...middles(raster)].map(([label, at]) => ({
                at,
                name: areas.find((area) => area.row === rows[label - 1])?.name ?? '',
            })),
        [raster, rows, areas],
    );
    useEffect(() => {
        if (canvas.current !== null) {
            const placed = pieces.map((piece) => ({ x: piece.x * width, y: piece.y * height }));
            paint(canvas.current, { image, raster, chosen, names, pieces: placed, points, cursor }, scale);
        }
    }, [image, raster, chosen, names, pieces, points, cursor, scale, width, height]);
    const press = (event: PointerEvent<HTMLCanvasElement>) => {
        const box = event.currentTarget.getBoundingClientRect();
        setCursor(null);
        hand.point({
            x: ((event.clientX - box.left) / box.width) * width,
            y: ((event.clientY - box.top) / box.height) * height,
        });
    };
    const key = (event: KeyboardEvent) => {
        const now = cursor ?? { x: Math.round(width / 2), y: Math.round(height / 2) };
        const move = MOVES[event.key];
        const deeds: Record<string, () => void> = {
            ' ': () => hand.point(now),
            Enter: () => (points.length === 0 ? hand.point(now) : hand.close()),
            Backspace: hand.undo,
            Escape: hand.leave,
        };
        const deed = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' ? hand.undo : deeds[event.key];
        if (move !== undefined) {
            const by = event.shiftKey ? WIDE_STEP : 1;
            setCursor({
                x: Math.min(width, Math.max(0, now.x + by * move.x)),
                y: Math.min(height, Math.max(0, now.y + by * move.y)),
            });
        } else if (deed === undefined) {
            return;
        } else {
            deed();
        }
        event.preventDefault();
        event.stopPropagation();
    };
    return (
        <canvas
            ref={canvas}
            className="map-canvas"
            data-paint=""
            role="application"
            tabIndex={0}
            aria-label={`The figure from ${map.side}: point with the mouse, or move with the arrow keys, set a point with the space bar and close the outline with Enter`}
            width={Math.round(width * scale)}
            height={Math.round(height * scale)}
            onPointerDown={press}
            onKeyDown={key}
        />
    );
}
