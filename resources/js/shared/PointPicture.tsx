import { type KeyboardEvent, type MouseEvent, useRef, useState } from 'react';

export interface Point {
    x: number;
    y: number;
}

interface Props {
    src: string;
    about: string;
    points: readonly { at: Point; name: string }[];
    onPoint: (point: Point) => void;
}

const STEP = 0.01;

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
        const moves: Record<string, Point> = {
            ArrowLeft: { x: -STEP, y: 0 },
            ArrowRight: { x: STEP, y: 0 },
            ArrowUp: { x: 0, y: -STEP },
            ArrowDown: { x: 0, y: STEP },
        };
        const move = moves[event.key];
        const now = cursor ?? { x: 0.5, y: 0.5 };
        if (move !== undefined) {
            event.preventDefault();
            const within = (value: number) => Math.min(1, Math.max(0, value));
            setCursor({
                x: within(now.x + move.x * (event.shiftKey ? 5 : 1)),
                y: within(now.y + move.y * (event.shiftKey ? 5 : 1)),
            });
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
