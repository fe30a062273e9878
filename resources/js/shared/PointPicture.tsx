import { type KeyboardEvent, type MouseEvent, useRef, useState } from 'react';
import { movedBy, type Point } from './pointing';

interface Props {
    src: string;
    about: string;
    points: readonly { at: Point; name: string }[];
    onPoint: (point: Point) => void;
}

/** A picture to point at: with the mouse, a finger, or the arrow keys and Enter. Places are parts of its width and height. */
export function PointPicture({ src, about, points, onPoint }: Props) {
    const frame = useRef<HTMLDivElement>(null);
    const [cursor, setCursor] = useState<Point | null>(null);
    const point = (event: MouseEvent) => {
        const box = frame.current?.getBoundingClientRect();
        if (box !== undefined) {
            onPoint({ x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height });
        }
    };
    const key = (event: KeyboardEvent) => {
        const now = cursor ?? { x: 0.5, y: 0.5 };
        const moved = movedBy(event.key, now, event.shiftKey ? 5 : 1);
        if (moved !== null) {
            event.preventDefault();
            setCursor(moved);
        } else if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onPoint(now);
        }
    };
    return (
        <div
            ref={frame}
            className="point-picture"
            data-paint=""
            role="application"
            aria-label={`${about}: point with the mouse, or move with the arrow keys and press Enter`}
            tabIndex={0}
            onClick={point}
            onKeyDown={key}
        >
            <img src={src} alt="" />
            {points.map(({ at, name }) => (
                <span key={name} className="point-mark" style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}>
                    {name}
                </span>
            ))}
            {cursor !== null && (
                <span className="point-cursor" style={{ left: `${cursor.x * 100}%`, top: `${cursor.y * 100}%` }} />
            )}
        </div>
    );
}
