/** Fillings for stacks, once a page: stripes for detail, hatching for wear. */
export function Patterns() {
    return (
        <svg width="0" height="0" className="patterns" aria-hidden="true">
            <defs>
                <pattern id="stripes" width="4" height="4" patternUnits="userSpaceOnUse">
                    <rect width="2" height="4" fill="var(--ink)" />
                </pattern>
                <pattern id="hatch" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <rect width="2" height="4" fill="var(--quiet)" />
                </pattern>
            </defs>
        </svg>
    );
}
