import type { Schemas } from '@api';

type Area = Schemas['SchemeArea'];

const WIDTH = 372;
const HEIGHT = 150;
const FLOOR = 142;
const TOP = 14;
const SCALE = 22;

const at = (lightness: number) => FLOOR - ((FLOOR - TOP) * lightness) / 100;

/**
 * A ladder as stepped bars on a scale of lightness: as wide as the step covers, as high as it is light. A step
 * that this tier does not lay is drawn hollow.
 */
export function LadderBars({ area, lightHex, light }: { area: Area; lightHex?: string | null; light?: number | null }) {
    const steps = area.rungs.filter((rung) => rung.role !== 'ground');
    const room = (WIDTH - SCALE - 8) / Math.max(steps.length, 3);
    const wrong = new Set(area.findings.flatMap((finding) => (finding.accepted === null ? [finding.at] : [])));
    return (
        <svg
            className="ladder"
            data-paint=""
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            role="img"
            aria-label={`${area.area}: ${steps.map((rung) => `${rung.role} L* ${Math.round(rung.lightness)}`).join(', ')}`}
        >
            <rect width={WIDTH} height={HEIGHT} fill="var(--neutral)" />
            {[20, 40, 60, 80].map((line) => (
                <line key={line} x1={0} x2={WIDTH - SCALE} y1={at(line)} y2={at(line)} className="ladder-line" />
            ))}
            {[1, 2, 3, 4, 5].map((value) => (
                <text key={value} x={WIDTH - 8} y={at(100 - value * 20 + 10) + 4} className="ladder-value">
                    {value}
                </text>
            ))}
            {light !== null && light !== undefined && (
                <line
                    x1={0}
                    x2={WIDTH - SCALE}
                    y1={at(light)}
                    y2={at(light)}
                    className="ladder-light"
                    stroke={lightHex ?? 'var(--rail)'}
                />
            )}
            {steps.map((rung, i) => {
                const width = Math.max(14, Math.sqrt(rung.cover) * (room - 8));
                const x = 6 + i * room;
                const index = area.rungs.indexOf(rung);
                return (
                    <g key={index}>
                        <rect
                            x={x}
                            y={at(rung.lightness)}
                            width={width}
                            height={FLOOR - at(rung.lightness)}
                            fill={rung.taken ? rung.hex : 'none'}
                            stroke={rung.taken ? 'none' : rung.hex}
                            strokeWidth={3}
                        />
                        <text x={x} y={Math.max(11, at(rung.lightness) - 4)} className="ladder-number">
                            {Math.round(rung.lightness)}
                            {wrong.has(index) ? ' ▲' : ''}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
