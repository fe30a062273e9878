import { describe, expect, it } from 'vitest';
import { type AreaDraft, blankArea, bordering, changed, piecesOf, said, sent, touch, without, withRead } from './draft';

function area(name: string, change: Partial<AreaDraft> = {}, row = name.charCodeAt(0)): AreaDraft {
    return { ...blankArea([], 'cloth'), row, name, ...change };
}

describe('a figure type while it is taken down', () => {
    it('lets what names an area follow its name', () => {
        const areas = [area('hood', { neighbours: ['coat'] }), area('badge', { on: 'coat' }), area('coat')];
        const next = changed(areas, areas[2]?.row ?? 0, { name: 'long coat' });
        expect(next.map((one) => [one.name, one.on, one.neighbours])).toEqual([
            ['hood', null, ['long coat']],
            ['badge', 'long coat', []],
            ['long coat', null, []],
        ]);
    });

    it('does not take a new row without a name for what others name', () => {
        const next = changed([area('hood', { neighbours: [''] }, 1), area('', {}, 2)], 2, { name: 'coat' });
        expect(next[0]?.neighbours).toEqual(['']);
    });

    it('takes away what named an area with it', () => {
        const areas = [area('hood', { neighbours: ['coat', 'face'] }), area('badge', { on: 'coat' }), area('coat'), area('face')];
        expect(without(areas, areas[2]?.row ?? 0).map((one) => [one.name, one.on, one.neighbours])).toEqual([
            ['hood', null, ['face']],
            ['badge', null, []],
            ['face', null, []],
        ]);
    });

    it('keeps a border once, says it of both, and takes it back wherever it stands', () => {
        const areas = [area('hood', { neighbours: ['coat'] }), area('coat')];
        const [hood, coat] = bordering(areas, 'coat', 'hood', true);
        expect([hood?.neighbours, coat?.neighbours]).toEqual([[], ['hood']]);
        expect(hood !== undefined && coat !== undefined && touch(hood, coat)).toBe(true);
        expect(bordering(areas, 'coat', 'hood', false).flatMap((one) => one.neighbours)).toEqual([]);
    });

    it('takes what sits on another for touching it', () => {
        expect(touch(area('teeth', { on: 'face' }), area('face'))).toBe(true);
        expect(touch(area('teeth'), area('face'))).toBe(false);
    });

    it.each([
        ['2 eye, 1 buckle', [2, 1], null],
        ['', [], null],
        ['buckle', [], '“buckle” cannot be read'],
        ['0 buckle', [], '“0 buckle” cannot be read'],
    ])('reads pieces: %s', (text, counts, wrong) => {
        const read = piecesOf(text);
        expect(read.features.map((one) => one.pieces)).toEqual(counts);
        expect(read.unreadable === null ? null : read.unreadable.startsWith(wrong ?? '-')).toBe(wrong === null ? null : true);
    });

    it('asks what follows only of areas of which enough is said, and of what they say of each other', () => {
        const areas = [
            area('hood', { neighbours: ['coat', 'hat'], on: 'hat' }),
            area('coat'),
            area('hat', { surface: '' }),
            area('sash', { weight: null }),
        ];
        expect(said(areas).map((one) => [one.name, one.on, one.neighbours])).toEqual([
            ['hood', null, ['coat']],
            ['coat', null, []],
        ]);
    });

    it('puts what a list says in the place of rows of the same name', () => {
        const read = { ...area('hood'), weight: 'large' as const, features: [{ feature: 'strap', pieces: 2 }] };
        const next = withRead([area('coat', {}, 4), area('hood', {}, 5), area('', {}, 6)], [read]);
        expect(next.map((one) => [one.name, one.weight, one.pieces])).toEqual([
            ['coat', 'medium', ''],
            ['hood', 'large', '2 strap'],
        ]);
        expect(new Set(next.map((one) => one.row)).size).toBe(2);
        expect(sent(next)[1]?.features).toEqual([{ feature: 'strap', pieces: 2 }]);
    });
});
