const CELLS: Record<string, [number, number]> = {
    above: [1, 0],
    left: [0, 1],
    front: [1, 1],
    right: [2, 1],
    back: [3, 1],
    below: [1, 2],
};

/** The sides that count, on the unfolded box round a figure. */
export function SidesMark({ sides }: { sides: readonly string[] }) {
    const missing = Object.keys(CELLS).filter((side) => !sides.includes(side));
    const words = missing.length === 0 ? 'all six sides count' : `counts ${sides.join(', ')}; not ${missing.join(', ')}`;
    return (
        <svg className="sides-mark" viewBox="0 0 44 34" role="img" aria-label={words}>
            <title>{words}</title>
            {Object.entries(CELLS).map(([side, [x, y]]) => (
                <rect
                    key={side}
                    x={x * 11 + 0.5}
                    y={y * 11 + 0.5}
                    width="10"
                    height="10"
                    className={sides.includes(side) ? 'side-counts' : 'side-not'}
                />
            ))}
        </svg>
    );
}
