import type { Schemas } from '@api';

type Area = Schemas['SchemeArea'];

/** One step, its paint perhaps still to be said. */
export type RungDraft = Schemas['RungWritten'];
export type Turn = Area['turn'];

export const roles: readonly RungDraft['role'][] = ['ground', 'base', 'shade', 'relight', 'light'];

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
    quiet: boolean;
    note: string;
    /** Area whose colours it takes, but for what it says itself; empty: none. */
    same_as: string;
    /** What the area is in this scheme; empty: as its figure type has it. */
    surface: string;
}

function rungOf({ role, mix, cover, coats }: RungDraft): RungDraft {
    return { role, mix, cover, coats };
}

export function draftOf(area: Area): AreaDraft {
    return {
        area: area.area,
        figure_type: area.figure_type,
        rungs: area.rungs.map(rungOf),
        uses: area.uses.map(({ use, step, mix }) => ({ use, step, mix })),
        takes_shared_light: area.takes_shared_light,
        turn: area.turn,
        quiet: area.quiet,
        note: area.note,
        same_as: area.same_as,
        surface: area.surface_here,
    };
}

export function newArea(area: string): AreaDraft {
    return {
        area,
        figure_type: '',
        rungs: [],
        uses: [],
        takes_shared_light: true,
        turn: 'none',
        quiet: false,
        note: '',
        same_as: '',
        surface: '',
    };
}

/** The rungs with a suggestion taken: a step put in before a place, or another one in its place. */
export function mended(rungs: readonly RungDraft[], suggestion: Schemas['LadderSuggestion']): RungDraft[] {
    const next = [...rungs];
    next.splice(suggestion.at, suggestion.inserts ? 0 : 1, rungOf(suggestion.rung));
    return next;
}

/** The rungs with the missing steps put in below the last light. */
export function filled(rungs: readonly RungDraft[], missing: readonly RungDraft[]): RungDraft[] {
    const last = rungs.findLastIndex((rung) => rung.role === 'light');
    return last < 0 ? [...rungs] : [...rungs.slice(0, last), ...missing.map(rungOf), ...rungs.slice(last)];
}

/** The colours of another area, to be followed in all that is not changed here. */
export function sameAs(area: Area): Pick<AreaDraft, 'same_as' | 'rungs' | 'uses' | 'turn' | 'takes_shared_light' | 'quiet'> {
    const { rungs, uses, turn, takes_shared_light, quiet } = draftOf(area);
    return { same_as: area.area, rungs, uses, turn, takes_shared_light, quiet };
}

/** The rungs with one put back that was left out. */
export function putBack(rungs: readonly RungDraft[], left: { at: number; rung: RungDraft }): RungDraft[] {
    return [...rungs.slice(0, left.at), rungOf(left.rung), ...rungs.slice(left.at)];
}

export function moved<T>(list: readonly T[], from: number, to: number): T[] {
    const next = [...list];
    const [taken] = next.splice(from, 1);
    if (taken !== undefined) {
        next.splice(to, 0, taken);
    }
    return next;
}
