import type { Schemas } from '@api';
import { movedBy, onPicture, type Point } from '@shared/pointing';
import type { View } from '../detail';
import { type KeyboardEvent, type MouseEvent, useRef } from 'react';

type Side = Schemas['OutlinedSide'];

/** Something that is at a place: a fault, a piece. */
export interface Mark {
    at: Point;
    sign: string;
    about: string;
}

/** How an area is drawn, and what is said of it. */
export interface Look {
    fill: string;
    words?: string;
    strong?: boolean;
}

interface Props {
    side: Side;
    about: string;
    look: (area: string) => Look;
    chosen?: string | null;
    marks?: readonly Mark[];
    /** The part of it that is shown; left out: all of it. */
    view?: View;
    /** How large the marks are, in hundredths of the height that is shown. */
    markSize?: number;
    /** Where somebody pointed. */
    place?: Point | null;
    /** Whether it shows paint, which is looked at on neutral grey. */
    isPaint?: boolean;
    onPoint?: (area: string, at: Point) => void;
}

/** A figure from one side, area by area: to see where something is, and to point at it. */
export function FigureSide({
    side,
    about,
    look,
    chosen = null,
    marks = [],
    view = { left: 0, top: 0, width: side.width, height: side.height },
    markSize = 1,
    place = null,
    isPaint = false,
    onPoint,
}: Props) {
    const frame = useRef<SVGSVGElement>(null);
    const point = (event: MouseEvent, area: string) => {
        // The picture may be narrower or lower than its frame.
        const matrix = frame.current?.getScreenCTM();
        if (matrix !== null && matrix !== undefined) {
            const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
            onPoint?.(area, onPicture({ x: at.x / side.width, y: at.y / side.height }));
        }
    };
    const press = (event: KeyboardEvent, area: Side['areas'][number]) => {
        const here = chosen === area.area && place !== null ? place : { x: area.x / side.width, y: area.y / side.height };
        const moved = movedBy(event.key, here);
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onPoint?.(area.area, here);
        } else if (moved !== null && chosen === area.area) {
            event.preventDefault();
            onPoint?.(area.area, moved);
        }
    };
    const unit = (view.height / 100) * markSize;
    return (
        <svg
            ref={frame}
            className={onPoint === undefined ? 'figure-side' : 'figure-side figure-side-pointed'}
            {...(isPaint ? { 'data-paint': '' } : {})}
            viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
            role={onPoint === undefined ? 'img' : 'group'}
            aria-label={about}
        >
            {isPaint && <rect width={side.width} height={side.height} fill="var(--neutral)" />}
            {side.areas.map((area) => {
                const { fill, words = '', strong = false } = look(area.area);
                const shape = {
                    d: area.path,
                    fillRule: 'evenodd' as const,
                    fill,
                    className: `side-area${strong ? ' side-strong' : ''}${area.area === chosen ? ' side-chosen' : ''}`,
                    vectorEffect: 'non-scaling-stroke' as const,
                };
                return onPoint === undefined ? (
                    <path key={area.area} {...shape}>
                        <title>{area.area}</title>
                    </path>
                ) : (
                    <path
                        key={area.area}
                        {...shape}
                        role="button"
                        tabIndex={0}
                        aria-label={`${area.area}${words}`}
                        aria-pressed={area.area === chosen}
                        onClick={(event) => point(event, area.area)}
                        onKeyDown={(event) => press(event, area)}
                    >
                        <title>{`${area.area}${words}`}</title>
                    </path>
                );
            })}
            <g className="side-marks">
                {marks.map((mark, i) => (
                    <g key={i} transform={`translate(${mark.at.x * side.width} ${mark.at.y * side.height}) scale(${unit})`}>
                        <title>{mark.about}</title>
                        <circle r={2.1} />
                        <text y={1.15}>{mark.sign}</text>
                    </g>
                ))}
                {place !== null && (
                    <path
                        className="side-cross"
                        vectorEffect="non-scaling-stroke"
                        transform={`translate(${place.x * side.width} ${place.y * side.height}) scale(${unit})`}
                        d="M-3 0H-0.8M0.8 0H3M0 -3V-0.8M0 0.8V3"
                    />
                )}
            </g>
        </svg>
    );
}
