export interface Layer {
    group: string;
    passes: number;
    waived: boolean;
    /** Beside what the tier asks. */
    added?: boolean;
    words: string;
}

const HEIGHT = 5;

/** What is laid on an area, lowest at the bottom: a bar a use, longer for more coats or steps. */
export function StackGlyph({ layers }: { layers: readonly Layer[] }) {
    const height = Math.max(layers.length, 1) * (HEIGHT + 2);
    return (
        <svg className="stack-glyph" width="36" height={height} viewBox={`0 0 36 ${height}`} aria-hidden="true">
            {layers.map((layer, i) => {
                const length = Math.min(16 + 6 * (layer.passes - 1), 34);
                const y = height - (i + 1) * (HEIGHT + 2) + 1;
                return <Bar key={i} layer={layer} length={length} y={y} />;
            })}
        </svg>
    );
}

function Bar({ layer, length, y }: { layer: Layer; length: number; y: number }) {
    if (layer.waived) {
        return <path d={`M1 ${y + HEIGHT / 2}h${length}`} className="bar-waived" />;
    }
    const width = layer.added === true ? Math.min(length, 28) : length;
    return (
        <>
            <rect x="1" y={y + 0.5} width={width} height={HEIGHT - 1} className={`bar bar-${kind(layer.group)}`} />
            {layer.added === true && <path d={`M${width + 2} ${y + HEIGHT / 2}h5m-2.5-2.5v5`} className="bar-added" />}
        </>
    );
}

/** Groups that are told apart in a stack; the others are drawn like a lay-in. */
function kind(group: string): string {
    return ['shade', 'light', 'detail', 'marking', 'wear'].includes(group)
        ? group
        : group === 'finish' || group === 'tidy'
          ? 'finish'
          : 'lay-in';
}
