import type { Schemas } from '@api';
import { memo, useId } from 'react';

const BLURS = Array.from({ length: 36 }, (_, i) => i + 1);

/** The blurs that plates are drawn with; once on a page. */
export function PlateBlurs() {
    return (
        <svg width="0" height="0" className="unseen" aria-hidden="true">
            <defs>
                {BLURS.map((blur) => (
                    // In the space of the drawing: a line straight up has no box of its own to measure by.
                    <filter
                        key={blur}
                        id={`plate-blur-${blur}`}
                        filterUnits="userSpaceOnUse"
                        x="-10"
                        y="-10"
                        width="140"
                        height="92"
                    >
                        <feGaussianBlur stdDeviation={blur / 10} />
                    </filter>
                ))}
            </defs>
        </svg>
    );
}

/** A proof plate, drawn as the core made it. */
export const Plate = memo(function Plate({ plate, about }: { plate: Schemas['Plate']; about: string }) {
    const clip = useId();
    return (
        <div className="plate" data-paint>
            <svg viewBox="-2 -2 124 76" role="img" aria-label={`Proof plate: ${about}, value span ${Math.round(plate.span)}`}>
                <clipPath id={clip}>
                    <path d={plate.outline} />
                </clipPath>
                {plate.marks.map((mark, i) => (
                    <PlateMark key={i} mark={mark} clip={clip} />
                ))}
            </svg>
        </div>
    );
});

function PlateMark({ mark, clip }: { mark: Schemas['PlateMark']; clip: string }) {
    const path = (
        <path
            d={mark.d}
            fill={mark.fill ?? 'none'}
            stroke={mark.stroke ?? 'none'}
            strokeWidth={mark.width}
            strokeLinecap="round"
            strokeLinejoin="round"
            opacity={mark.opacity}
            {...(mark.blur > 0 ? { filter: `url(#plate-blur-${Math.max(1, Math.round(mark.blur * 10))})` } : {})}
        />
    );
    return mark.outside ? path : <g clipPath={`url(#${clip})`}>{path}</g>;
}
