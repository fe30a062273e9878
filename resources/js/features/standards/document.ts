import type { Schemas } from '@api';

export type Draft = Schemas['Draft'];
export type StandardDoc = Schemas['StandardDocument'];
export type TierDoc = Schemas['TierDocument'];
export type SurfaceDoc = Schemas['SurfaceDocument'];
export type TechniqueDoc = Schemas['TechniqueDocument'];
export type CellDoc = Schemas['RequirementDocument'];
export type UseDoc = Schemas['UseDocument'];
export type CriterionDoc = Schemas['CriterionDocument'];

/** The surface that is the figure as one. */
export const WHOLE = 'whole';

export interface Piece {
    kind: 'head' | 'order' | 'surface' | 'technique' | 'tier' | 'cell';
    id: string;
    surface: string;
}

export interface Change extends Piece {
    revision: number;
    value: unknown;
}

export const cellPiece = (tier: string, surface: string): Piece => ({ kind: 'cell', id: tier, surface });

export const piece = (kind: Piece['kind'], id = ''): Piece => ({ kind, id, surface: '' });

/** The revision of a piece in a draft; 0 where it is not there. */
export function revisionOf(draft: Draft, of: Piece): number {
    const { revisions } = draft;
    switch (of.kind) {
        case 'head':
            return revisions.head;
        case 'order':
            return revisions.order;
        case 'surface':
            return revisions.surfaces[of.id] ?? 0;
        case 'technique':
            return revisions.techniques[of.id] ?? 0;
        case 'tier':
            return revisions.tiers[of.id] ?? 0;
        case 'cell':
            return revisions.cells[`${of.id} ${of.surface}`] ?? 0;
    }
}

export function cellOf(document: StandardDoc, tier: string, surface: string): CellDoc | null {
    return document.requirements.find((one) => one.tier === tier && one.surface === surface) ?? null;
}

/** The name of a use within its cell: its own, else that of its technique. */
export function nameOfUse(use: UseDoc): string {
    return use.id ?? use.technique ?? '';
}

/** The value without the member: a member that is left out takes its default. */
export function without<T extends object>(value: T, member: keyof T): T {
    const copy = { ...value };
    // eslint-disable-next-line @typescript-eslint/no-dynamic-delete
    delete copy[member];
    return copy;
}

/** The value with the member, or without it where there is nothing to say. */
export function withMember<T extends object, K extends keyof T>(value: T, member: K, given: T[K] | null | undefined | ''): T {
    return given === null || given === undefined || given === '' ? without(value, member) : { ...value, [member]: given };
}

/** A list with an entry moved by some places. */
export function moved<T>(list: readonly T[], from: number, by: number): T[] {
    const copy = [...list];
    const [entry] = copy.splice(from, 1);
    if (entry !== undefined) {
        copy.splice(Math.min(Math.max(from + by, 0), copy.length), 0, entry);
    }
    return copy;
}

/** A name for an entry that nothing of the list has: the wanted one, or with a number. */
export function freeId(wanted: string, taken: readonly string[]): string {
    const base =
        wanted
            .toLowerCase()
            .replace(/[^\p{L}\p{N}]+/gu, '-')
            .replace(/^-+|-+$/g, '')
            .slice(0, 100) || 'new';
    let id = base;
    for (let number = 2; taken.includes(id); number += 1) {
        id = `${base}-${number}`;
    }
    return id;
}

/** New layers for cells of a tier as one change; what else a cell says stays. */
export function cellChanges(draft: Draft, tier: string, cells: readonly Pick<CellDoc, 'surface' | 'uses'>[]): Change[] {
    return cells.map(({ surface, uses }) => {
        const piece = cellPiece(tier, surface);
        const before = cellOf(draft.document, tier, surface);
        return { ...piece, revision: revisionOf(draft, piece), value: tidied({ ...before, tier, surface, uses }) };
    });
}

/** A surface like another, with all that is asked of it: what is painted in two ways on one figure is two surfaces. */
export function surfaceLike(draft: Draft, surface: SurfaceDoc, name: string): { id: string; changes: Change[] } {
    const { surfaces, requirements } = draft.document;
    const id = freeId(
        name,
        surfaces.map((one) => one.id),
    );
    const cells = requirements.filter((one) => one.surface === surface.id);
    return {
        id,
        changes: [
            { ...piece('surface', id), revision: 0, value: { ...surface, id, name } },
            ...cells.map((cell) => ({ ...cellPiece(cell.tier, id), revision: 0, value: { ...cell, surface: id } })),
        ],
    };
}

/** A cell in which every binding to a use that is gone is gone too. */
export function tidied(cell: CellDoc): CellDoc {
    const names = cell.uses.map(nameOfUse);
    const criteria = cell.criteria
        ?.map((criterion) =>
            criterion.uses === undefined
                ? criterion
                : { ...criterion, uses: criterion.uses.filter((use) => names.includes(use)) },
        )
        .filter(
            (criterion, i) => criterion.uses === undefined || criterion.uses.length > 0 || cell.criteria?.[i]?.uses?.length === 0,
        );
    const menu = cell.menu
        ?.map((one) => ({ ...one, uses: one.uses.filter((use) => names.includes(use)) }))
        .filter((one) => one.uses.length > 0);
    return {
        ...cell,
        uses: cell.uses.map((use) =>
            use.in_turn_with === undefined || names.includes(use.in_turn_with) ? use : without(use, 'in_turn_with'),
        ),
        ...(criteria === undefined ? {} : { criteria }),
        ...(menu === undefined ? {} : { menu }),
    };
}
