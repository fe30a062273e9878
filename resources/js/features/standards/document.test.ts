import { draft } from '@testing/madeStandard';
import { describe, expect, it } from 'vitest';
import { cellOf, cellPiece, freeId, moved, piece, revisionOf, surfaceLike, tidied, withMember } from './document';

describe('a name for something new', () => {
    it('is made from what it is called', () => expect(freeId('Light from above', [])).toBe('light-from-above'));
    it('gets a number where it is taken', () => expect(freeId('Wash', ['wash', 'wash-2'])).toBe('wash-3'));
    it('is there even when nothing of it can be written', () => expect(freeId('!!!', [])).toBe('new'));
});

describe('a member', () => {
    it('is left out where there is nothing to say', () =>
        expect(withMember({ coats: 2, steps: 1 }, 'coats', undefined)).toEqual({ steps: 1 }));
    it('of 0 is something to say', () => expect(withMember({ minutes: 3 }, 'minutes', 0)).toEqual({ minutes: 0 }));
});

describe('an order', () => {
    it('moves one up', () => expect(moved(['a', 'b', 'c'], 0, 1)).toEqual(['b', 'a', 'c']));
    it('moves none beyond the end', () => expect(moved(['a', 'b'], 1, 5)).toEqual(['a', 'b']));
});

describe('a cell', () => {
    it('of which nobody has spoken has no revision', () => expect(revisionOf(draft(), cellPiece('plain', 'marking'))).toBe(0));
    it('that was written has one', () => expect(revisionOf(draft(), cellPiece('plain', 'cloth'))).toBe(4));
    it('is one piece and the tier another', () => expect(revisionOf(draft(), piece('tier', 'plain'))).toBe(1));

    it('loses the sentences and menus that speak only of a layer that is gone', () => {
        const cell = cellOf(draft().document, 'plain', 'cloth');
        if (cell === null) {
            throw new Error('The cell is not there.');
        }
        const left = tidied({
            ...cell,
            uses: cell.uses.slice(1),
            criteria: [...(cell.criteria ?? []), { id: 'all', text: 'All is there.', severity: 'minor' }],
            menu: [{ id: 'm', uses: ['base', 'wash'] }],
        });
        expect(left.criteria?.map((one) => one.id)).toEqual(['all']);
        expect(left.menu).toEqual([{ id: 'm', uses: ['wash'] }]);
    });
});

describe('a surface like another', () => {
    it('has a name of its own, and all that each tier asks of the other', () => {
        const made = draft();
        const cloth = made.document.surfaces.find((one) => one.id === 'cloth');
        if (cloth === undefined) {
            throw new Error('The surface is not there.');
        }
        const { id, changes } = surfaceLike(made, cloth, 'Cloth');
        expect(id).toBe('cloth-2');
        expect(changes[0]?.value).toEqual({ ...cloth, id: 'cloth-2', name: 'Cloth' });
        const asked = made.document.requirements.filter((one) => one.surface === 'cloth');
        expect(asked.length).toBeGreaterThan(0);
        expect(changes.slice(1).map((one) => one.value)).toEqual(asked.map((one) => ({ ...one, surface: 'cloth-2' })));
        expect(changes.every((one) => one.revision === 0)).toBe(true);
    });
});
