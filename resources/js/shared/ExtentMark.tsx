const SAY: Record<string, string> = { spot: 'a few spots', focal: 'focal places', upper: 'upper parts', every: 'everywhere' };

/** How far a use reaches over its area, drawn on a small field. */
export function ExtentMark({ extent }: { extent: string }) {
    return (
        <svg className="extent-mark" viewBox="0 0 12 12" role="img" aria-label={SAY[extent] ?? extent}>
            <rect x="0.5" y="0.5" width="11" height="11" className="field" />
            {extent === 'every' && <path d="M1 1h10v10h-10zM4 4v4h4v-4z" fillRule="evenodd" className="laid" />}
            {extent === 'upper' && <path d="M1 1h10v6h-3v-3h-4v3h-3z" className="laid" />}
            {extent === 'focal' && <path d="M1 1h10v3h-10z" className="laid" />}
            {extent === 'spot' && <path d="M1 1h4v3h-4z" className="laid" />}
        </svg>
    );
}
