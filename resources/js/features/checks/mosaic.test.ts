import { describe, expect, it } from 'vitest';
import { inkOn, mosaic } from './mosaic';

describe('mosaic', () => {
    const areas = [0.34, 0.12, 0.08, 0.07, 0.07, 0.06, 0.06, 0.05, 0.03, 0.02].map((share, i) => ({ name: String(i), share }));

    it('fills the whole field', () => {
        const filled = mosaic(areas, 264, 330).reduce((sum, tile) => sum + tile.width * tile.height, 0);
        expect(filled).toBeCloseTo(264 * 330, 6);
    });

    it('keeps every tile within the field and large enough to be found by a finger', () => {
        for (const tile of mosaic(areas, 264, 330)) {
            expect(tile.x + tile.width).toBeLessThanOrEqual(264 + 1e-6);
            expect(tile.y + tile.height).toBeLessThanOrEqual(330 + 1e-6);
            expect(Math.min(tile.width, tile.height)).toBeGreaterThan(24);
        }
    });

    it('gives a larger share the larger tile', () => {
        const sizes = new Map(mosaic(areas, 264, 330).map((tile) => [tile.of.name, tile.width * tile.height]));
        expect(sizes.get('0')).toBeGreaterThan(sizes.get('1') ?? 0);
        expect(sizes.get('1')).toBeGreaterThan(sizes.get('2') ?? 0);
    });

    it('draws a figure of 25 areas, and one of none', () => {
        expect(
            mosaic(
                Array.from({ length: 25 }, (_, i) => ({ name: i, share: 0.04 })),
                264,
                330,
            ),
        ).toHaveLength(25);
        expect(mosaic([], 264, 330)).toEqual([]);
    });
});

describe('inkOn', () => {
    it('takes black on light and white on dark', () => {
        expect(inkOn('#f1efe6')).toBe('#141414');
        expect(inkOn('#161617')).toBe('#ffffff');
    });

    it('comes near the contrast of 4.5 on any grey, where two inks cannot do better than 4.3', () => {
        for (let level = 0; level < 256; level += 5) {
            const hex = `#${level.toString(16).padStart(2, '0').repeat(3)}`;
            const value = level / 255;
            const luminance = value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
            const ink = inkOn(hex) === '#ffffff' ? 1 : 0.007;
            const [light, dark] = ink > luminance ? [ink, luminance] : [luminance, ink];
            expect((light + 0.05) / (dark + 0.05)).toBeGreaterThan(4.2);
        }
    });
});
