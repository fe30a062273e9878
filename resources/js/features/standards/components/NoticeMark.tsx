/** How large the smallest thing is that counts, drawn against a millimetre scale. */
export function NoticeMark({ millimetres }: { millimetres: number }) {
    const scale = 14;
    const radius = (millimetres * scale) / 2;
    return (
        <svg
            className="notice-mark"
            viewBox="0 0 104 40"
            role="img"
            aria-label={`A dot of ${millimetres.toFixed(2)} mm on a scale of 5 mm`}
        >
            <path d="M8 32h70M8 28v8M22 29v6M36 29v6M50 29v6M64 29v6M78 28v8" className="notice-scale" />
            <circle cx={8 + radius} cy={14} r={Math.max(radius, 0.4)} className="notice-dot" />
            <text x="82" y="36">
                5 mm
            </text>
        </svg>
    );
}
