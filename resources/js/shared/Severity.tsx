export const SEVERITY_SIGNS = { critical: '◆', major: '▲', minor: '●', none: '○' } as const;

export type SeverityName = keyof typeof SEVERITY_SIGNS;

/** Whether a word is a severity as it is named today; what is sealed may have another. */
export function isSeverity(word: string): word is SeverityName {
    return word in SEVERITY_SIGNS;
}

/** Severity by shape and word, never by colour. */
export function Severity({ of, bare = false }: { of: SeverityName; bare?: boolean }) {
    return (
        <span className={`severity severity-${of}`}>
            <span aria-hidden="true">{SEVERITY_SIGNS[of]}</span>
            <span className={bare ? 'unseen' : ''}> {of === 'none' ? 'not counted' : of}</span>
        </span>
    );
}
