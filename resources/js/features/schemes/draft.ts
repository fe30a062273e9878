import type { Schemas } from '@api';

type Area = Schemas['SchemeArea'];
type Written = Schemas['RungWritten'];

export const roles = ['ground', 'base', 'shade', 'relight', 'light'] as const;
export type Role = (typeof roles)[number];
export type Turn = 'none' | 'warm' | 'cold';

export interface RungDraft {
    role: Role;
    mix: string;
    cover: number;
    coats: number;
}

export interface UseDraft {
    use: string;
    step: number;
    mix: string;
}

/** The colours of an area while somebody writes them. */
export interface AreaDraft {
    area: string;
    figure_type: string;
    rungs: RungDraft[];
    uses: UseDraft[];
    takes_shared_light: boolean;
    turn: Turn;
    note: string;
}

function isRole(word: string): word is Role {
    return roles.some((role) => role === word);
}

export function rungOf(rung: Written): RungDraft {
    return { role: isRole(rung.role) ? rung.role : 'light', mix: rung.mix, cover: rung.cover, coats: rung.coats };
}

export function draftOf(area: Area): AreaDraft {
    return {
        area: area.area,
        figure_type: area.figure_type,
        rungs: area.rungs.map(rungOf),
        uses: area.uses.map(({ use, step, mix }) => ({ use, step, mix })),
        takes_shared_light: area.takes_shared_light,
        turn: area.turn === 'warm' || area.turn === 'cold' ? area.turn : 'none',
        note: area.note,
    };
}

export function newArea(area: string): AreaDraft {
    return { area, figure_type: '', rungs: [], uses: [], takes_shared_light: true, turn: 'none', note: '' };
}

/** What a ladder gets next: the first step that it has not, and then lights that cover less and less. */
export function nextRung(rungs: readonly RungDraft[]): RungDraft {
    const has = (role: Role) => rungs.some((rung) => rung.role === role);
    if (!has('base')) {
        return { role: 'base', mix: '', cover: 1, coats: 1 };
    }
    if (!has('shade') && !has('light')) {
        return { role: 'shade', mix: '', cover: 0.9, coats: 1 };
    }
    const lights = rungs.filter((rung) => rung.role === 'light');
    const last = lights[lights.length - 1];
    return {
        role: 'light',
        mix: '',
        cover: last === undefined ? 0.5 : Math.max(0.01, Math.round(last.cover * 60) / 100),
        coats: 1,
    };
}

/** The rungs with a suggestion taken: a step put in before a place, or another one in its place. */
export function mended(rungs: readonly RungDraft[], suggestion: Schemas['LadderSuggestion']): RungDraft[] {
    const next = [...rungs];
    next.splice(suggestion.at, suggestion.inserts ? 0 : 1, rungOf(suggestion.rung));
    return next;
}

/** The rungs with the missing steps put in below the last light. */
export function filled(rungs: readonly RungDraft[], missing: readonly Written[]): RungDraft[] {
    const last = rungs.findLastIndex((rung) => rung.role === 'light');
    return last < 0 ? [...rungs] : [...rungs.slice(0, last), ...missing.map(rungOf), ...rungs.slice(last)];
}

export function moved<T>(list: readonly T[], from: number, to: number): T[] {
    const next = [...list];
    const [taken] = next.splice(from, 1);
    if (taken !== undefined) {
        next.splice(to, 0, taken);
    }
    return next;
}
