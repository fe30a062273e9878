import type { Schemas } from '@api';
import { stateOf, UNKNOWN } from '../areaState';
import { fit } from '../fit';
import { inkOn, mosaic } from '../mosaic';
import type { SideName } from '../useCheck';

interface Props {
    check: Schemas['Check'];
    side: SideName;
    area: string | null;
    onArea: (area: string) => void;
}

const WIDTH = 264;
const HEIGHT = 330;
const LINE = 13;

/** What is seen from a side, its areas by share and in their colours, focal ones bold: to point at. */
export function Mosaic({ check, side, area, onArea }: Props) {
    const seen = check.areas.filter((one) => one.sides.includes(side) && one.surface !== 'whole');
    const state = (name: string) => stateOf(check, name);
    const tiles = mosaic(seen, WIDTH, HEIGHT);
    return (
        <svg
            className="mosaic"
            data-paint=""
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            role="group"
            aria-label={`Seen from ${side}, by share`}
        >
            <rect width={WIDTH} height={HEIGHT} fill="var(--neutral)" />
            {tiles.map(({ of, x, y, width, height }) => (
                <rect
                    key={of.area}
                    role="button"
                    tabIndex={0}
                    aria-label={`${of.area}${of.focal ? ', draws the eye' : ''}${state(of.area) === ' ×' ? ', has a fault' : ''}`}
                    aria-pressed={of.area === area}
                    x={x + 1}
                    y={y + 1}
                    width={Math.max(width - 2, 1)}
                    height={Math.max(height - 2, 1)}
                    fill={of.hex ?? UNKNOWN}
                    className={of.area === area ? 'tile tile-chosen' : 'tile'}
                    onClick={() => onArea(of.area)}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter' || event.key === ' ') {
                            event.preventDefault();
                            onArea(of.area);
                        }
                    }}
                />
            ))}
            <g aria-hidden="true">
                {tiles.map(({ of, x, y, width, height }) => (
                    <text key={of.area} y={y + 15} fill={inkOn(of.hex ?? UNKNOWN)} className={of.focal ? 'tile-focal' : ''}>
                        {fit(`${of.area}${state(of.area)}`, width - 10, Math.floor((height - 8) / LINE)).map((line, i) => (
                            <tspan key={line + String(i)} x={x + 6} dy={i === 0 ? 0 : LINE}>
                                {line}
                            </tspan>
                        ))}
                    </text>
                ))}
            </g>
        </svg>
    );
}
