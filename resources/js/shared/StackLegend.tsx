const KINDS = [
    ['lay-in', 'lay-in, ground'],
    ['shade', 'shade'],
    ['light', 'light'],
    ['detail', 'detail'],
    ['marking', 'marking'],
    ['wear', 'wear'],
] as const;

export function StackLegend() {
    return (
        <ul className="legend" aria-label="What the bars mean">
            {KINDS.map(([kind, words]) => (
                <li key={kind}>
                    <svg width="24" height="6" aria-hidden="true">
                        <rect x="1" y="1" width="22" height="4" className={`bar bar-${kind}`} />
                    </svg>
                    {words}
                </li>
            ))}
            <li>
                <svg width="24" height="6" aria-hidden="true">
                    <path d="M1 3h22" className="bar-waived" />
                </svg>
                left out by agreement
            </li>
            <li>
                <svg width="24" height="7" aria-hidden="true">
                    <rect x="1" y="1.5" width="14" height="4" className="bar bar-light" />
                    <path d="M17 3.5h5m-2.5-2.5v5" className="bar-added" />
                </svg>
                added by agreement
            </li>
            <li>longer: more coats or steps</li>
            <li>? nobody has said</li>
            <li>grey: not on these figures</li>
        </ul>
    );
}
