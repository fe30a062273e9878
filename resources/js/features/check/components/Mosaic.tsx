import type { Schemas } from '@api';
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
    const state = (name: string) => {
        const items = check.items.filter((item) => item.area === name);
        const wrong = items.some((item) => item.answer === 'does-not-hold' || item.answer === 'not-done') || check.faults.some((fault) => fault.area === name && fault.severity !== 'none');
        return wrong ? ' ▲' : items.length > 0 && items.every((item) => item.answer !== null) ? ' ✓' : '';
    };
    return (
        <svg className="mosaic" data-paint="" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="group" aria-label={`Seen from ${side}, by share`}>
            <rect width={WIDTH} height={HEIGHT} fill="#9e9e9e" />
            {mosaic(seen, WIDTH, HEIGHT).map((tile) => {
                const fill = tile.of.hex ?? '#b4b4b4';
                const words = fit(`${tile.of.area}${state(tile.of.area)}`, tile.width - 10, Math.floor((tile.height - 8) / LINE));
                return (
                    <g
                        key={tile.of.area}
                        role="button"
                        tabIndex={0}
                        aria-label={`${tile.of.area}${tile.of.focal ? ', draws the eye' : ''}${state(tile.of.area) === ' ▲' ? ', has a fault' : ''}`}
                        aria-pressed={tile.of.area === area}
                        onClick={() => onArea(tile.of.area)}
                        onKeyDown={(event) => {
                            if (event.key === 'Enter' || event.key === ' ') {
                                event.preventDefault();
                                onArea(tile.of.area);
                            }
                        }}
                    >
                        <title>{tile.of.area}</title>
                        <rect x={tile.x + 1} y={tile.y + 1} width={Math.max(tile.width - 2, 1)} height={Math.max(tile.height - 2, 1)} fill={fill} className={tile.of.area === area ? 'tile tile-chosen' : 'tile'} />
                        <text x={tile.x + 6} y={tile.y + 15} fill={inkOn(fill)} className={tile.of.focal ? 'tile-focal' : ''}>
                            {words.map((line, i) => (
                                <tspan key={line + String(i)} x={tile.x + 6} dy={i === 0 ? 0 : LINE}>
                                    {line}
                                </tspan>
                            ))}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}

/** Breaks a name into lines that fit a tile; what does not fit is shortened and stands in full in the list. */
export function fit(name: string, width: number, lines: number): string[] {
    const letters = Math.max(Math.floor(width / 5.7), 1);
    const fitted: string[] = [];
    for (const word of name.split(' ')) {
        const last = fitted[fitted.length - 1];
        if (last !== undefined && `${last} ${word}`.length <= letters) {
            fitted[fitted.length - 1] = `${last} ${word}`;
        } else {
            fitted.push(word);
        }
    }
    return fitted.slice(0, Math.max(lines, 1)).map((line) => (line.length > letters ? `${line.slice(0, Math.max(letters - 1, 1))}…` : line));
}
