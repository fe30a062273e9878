import { describe, expect, it } from 'vitest';
import { type AreaDraft, blankArea } from '../draft';
import { newBorders, withBorders, withPieces, withShares, withSides } from '../taken';
import { hasAny, mapsOf, numbered, sentMaps, type SideDraft } from './draftMaps';
import { flooded, type Photo } from './flood';
import { blank, type Corner, fromRuns, laidOut, type Raster, snapped, toRuns, within, withArea } from './raster';

/** As one sees it: a digit a place, a dot where nothing is. */
function drawn(...rows: string[]): Raster {
    const raster = blank(rows[0]?.length ?? 0, rows.length);
    raster.labels.set(Array.from(rows.join('')).map((place) => (place === '.' ? 0 : Number(place))));
    return raster;
}

function shown({ width, labels }: Raster): string[] {
    const text = [...labels].map((label) => (label === 0 ? '.' : String(label))).join('');
    return Array.from({ length: labels.length / width }, (_, y) => text.slice(y * width, (y + 1) * width));
}

function box(left: number, top: number, right: number, bottom: number): Corner[] {
    return [
        { x: left, y: top },
        { x: right, y: top },
        { x: right, y: bottom },
        { x: left, y: bottom },
    ];
}

describe('a picture of labels', () => {
    it('is told in runs and read again', () => {
        const raster = drawn('..11', '1122', '2...');
        expect(toRuns(raster)).toBe('0 2 1 4 2 3 0 3');
        expect(fromRuns(4, 3, toRuns(raster))).toEqual(raster);
        expect([...laidOut(raster)]).toEqual([1, 2]);
    });

    it('takes the places whose middle lies within an outline', () => {
        const mask = within(blank(5, 4), box(1, 1, 4, 3));
        expect([...mask].join('')).toBe('00000' + '01110' + '01110' + '00000');
        const slant = within(blank(4, 4), [
            { x: 0, y: 0 },
            { x: 4, y: 0 },
            { x: 0, y: 4 },
        ]);
        expect([...slant].join('')).toBe('1110' + '1100' + '1000' + '0000');
        expect([...within(blank(3, 2), box(-5, -5, 9, 9))].join('')).toBe('111111');
    });

    it('leaves what is laid out, unless it shall lie over it', () => {
        const raster = drawn('11..', '11..');
        const mask = within(raster, box(1, 0, 4, 2));
        expect(shown(withArea(raster, mask, 2, false))).toEqual(['1122', '1122']);
        expect(shown(withArea(raster, mask, 2, true))).toEqual(['1222', '1222']);
        expect(shown(withArea(raster, mask, 0, true))).toEqual(['1...', '1...']);
    });

    it('fills slivers towards a neighbour and leaves gaps', () => {
        const sliver = drawn('1.......', '1.......');
        expect(shown(withArea(sliver, within(sliver, box(4, 0, 6, 2)), 2, false))).toEqual(['122222..', '122222..']);
        const gap = drawn('1.......', '1.......');
        expect(shown(withArea(gap, within(gap, box(5, 0, 6, 2)), 2, false))).toEqual(['1....2..', '1....2..']);
        const between = drawn('1.3.....');
        expect(shown(withArea(between, within(between, box(6, 0, 8, 1)), 2, false)), 'a sliver of two others is theirs').toEqual([
            '1.322222',
        ]);
    });

    it('takes a point to the nearest border that is near enough', () => {
        const raster = drawn('11......', '11......', '11......', '11......');
        expect(snapped(raster, { x: 3.6, y: 1.2 }, 3)).toEqual({ x: 2, y: 1 });
        expect(snapped(raster, { x: 6.4, y: 1.2 }, 3)).toEqual({ x: 6, y: 1 });
    });
});

describe('filling', () => {
    /** Dark to the left of the fourth column, light from there on. */
    const photo: Photo = {
        width: 8,
        height: 4,
        data: new Uint8ClampedArray(
            Array.from({ length: 32 }, (_, at) => (at % 8 < 3 ? [20, 20, 20, 255] : [200, 190, 180, 255])).flat(),
        ),
    };

    it('goes as far as a clear edge', () => {
        expect([...(flooded(blank(8, 4), photo, 0, 0, 20) ?? [])].join('')).toBe('11100000'.repeat(4));
    });

    it('runs out where no edge is clear enough, and says so', () => {
        expect(flooded(blank(8, 4), photo, 0, 0, 300)).toBeNull();
    });

    it('never goes into another area, and fills nothing from within one', () => {
        const raster = drawn('..1.....', '..1.....', '111.....', '........');
        expect([...(flooded(raster, null, 0, 0, 20) ?? [])].join('')).toBe('11000000' + '11000000' + '00000000' + '00000000');
        expect(flooded(raster, null, 2, 0, 20)?.includes(1)).toBe(false);
    });

    it('takes small holes along and leaves large ones open', () => {
        const holed = (side: number): Photo => ({
            width: 40,
            height: 40,
            data: new Uint8ClampedArray(
                Array.from({ length: 1600 }, (_, at) => {
                    const [x, y] = [at % 40, Math.floor(at / 40)];
                    const isHole = x >= 10 && x < 10 + side && y >= 10 && y < 10 + side;
                    return isHole || x > 20 ? [250, 250, 250, 255] : [20, 20, 20, 255];
                }).flat(),
            ),
        });
        const filled = (side: number) => flooded(blank(40, 40), holed(side), 0, 0, 20)?.[11 * 40 + 11];
        expect([filled(3), filled(6)]).toEqual([1, 0]);
    });

    it('leaves no specks', () => {
        const speckled = { ...photo, data: photo.data.slice() };
        speckled.data.set([255, 255, 255, 255], 4 * 9);
        expect(flooded(blank(8, 4), speckled, 0, 0, 20)?.[9]).toBe(1);
    });
});

describe('maps of a draft', () => {
    const named = (name: string, change: Partial<AreaDraft> = {}): AreaDraft => ({
        ...blankArea([]),
        row: name.length,
        name,
        ...change,
    });
    const areas = [named('coat'), named('boots')];
    const stored = [
        {
            side: 'front' as const,
            width: 4,
            height: 2,
            picture: null,
            areas: ['boots', 'coat'],
            runs: '1 4 2 4',
            pieces: [{ area: 'coat', feature: 'button', x: 0.5, y: 0.5, name: '' }],
        },
    ];

    it('follow an area by its row, whatever it is called', () => {
        const maps = mapsOf(stored, areas);
        expect(sentMaps(maps, [named('coat', { name: 'cape' }), named('boots')])).toEqual([
            { ...stored[0], areas: ['boots', 'cape'], pieces: [{ ...stored[0]?.pieces[0], area: 'cape' }] },
        ]);
    });

    it('lose what was laid out of an area that is gone', () => {
        const maps = mapsOf(stored, areas);
        expect(sentMaps(maps, [named('coat')])).toEqual([{ ...stored[0], areas: ['coat'], runs: '0 4 1 4' }]);
    });

    it('number an area when it is laid out first', () => {
        const [side] = mapsOf(stored, areas);
        const map: SideDraft = side ?? { side: 'front', width: 1, height: 1, picture: null, rows: [], runs: '', pieces: [] };
        expect(numbered(map, 4)).toEqual([map, 2]);
        expect(numbered(map, 9)).toEqual([{ ...map, rows: [5, 4, 9] }, 3]);
        expect([hasAny([map]), hasAny([{ ...map, runs: '0 8' }]), hasAny([])]).toEqual([true, false, false]);
    });

    it('give what is measured only where it is told', () => {
        const measurement = {
            sides: ['front' as const],
            not_laid_out: [],
            borders: [{ area: 'coat', other: 'boots', words: '' }],
            areas: [
                {
                    name: 'coat',
                    share: 0.75,
                    said: 0.5,
                    sides: ['front' as const],
                    pieces: [
                        { feature: 'button', pieces: 3 },
                        { feature: 'badge', pieces: 1 },
                    ],
                    why: { inputs: [], rule: '', source: '' },
                },
            ],
        };
        const taken = [named('coat', { pieces: '4 button, 2 hook' }), named('boots')];
        expect(withShares(taken, measurement).map(({ share, weight }) => [share, weight])).toEqual([
            [0.75, null],
            [null, 'medium'],
        ]);
        expect(withSides(taken, measurement).map(({ sides }) => sides)).toEqual([['front'], null]);
        expect(withPieces(taken, measurement).map(({ pieces }) => pieces)).toEqual(['4 button, 2 hook, 1 badge', '']);
        expect(withBorders(taken, measurement)[0]?.neighbours).toEqual(['boots']);
        expect(newBorders(withBorders(taken, measurement), measurement)).toEqual([]);
    });
});
