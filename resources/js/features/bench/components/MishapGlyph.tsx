import type { MishapKind } from '../queries';

/** Lines drawn on a small panel with its edge, for each kind. */
const DRAWN: Record<MishapKind, string> = {
    overspill: 'M16 2V22 M16 9C20 9 22 11 22 13S20 16 16 15',
    dust: 'M6 6h.1M11 9h.1M19 6h.1M25 10h.1M8 15h.1M15 13h.1M22 16h.1M27 19h.1M12 19h.1',
    pool: 'M6 14C9 9 23 9 26 14C23 20 9 20 6 14M11 14C13 12 19 12 21 14',
    'tide-mark': 'M5 16C9 7 13 18 17 11S25 8 27 15',
    chalky: 'M16 3V21M14 6h.1M18 9h.1M14 12h.1M18 15h.1M14 18h.1',
    patch: 'M11 8L19 6L23 12L17 18L10 15Z M13 10L20 12M12 13L18 16',
    thick: 'M5 7H27M5 10H25M5 13H27M5 16H24M5 19H27',
    'wide-line': 'M4 9C9 5 12 12 17 8S25 10 28 7M4 13C9 11 13 16 18 12S25 14 28 12',
    'hard-step': 'M4 18H14V8H28',
    'tone-covered': 'M4 20H28M8 20V6H24V20',
    rubbed: 'M24 4L28 8M20 3L27 11M22 8C17 10 13 8 9 14',
    decal: 'M8 7H24V17H18L14 13L8 15Z M18 17L20 13L24 17',
    broken: 'M12 3L15 9L11 13L16 21',
};

/** What a mishap looks like, drawn small. */
export function MishapGlyph({ kind }: { kind: MishapKind }) {
    return (
        <svg className="mishap-glyph" viewBox="0 0 32 24" aria-hidden="true">
            <path d="M1 1H31V23H1Z" />
            <path d={DRAWN[kind]} />
        </svg>
    );
}
