import { describe, expect, it } from 'vitest';
import { fit } from './fit';

describe('names in tiles', () => {
    it('breaks between words where they do not fit side by side', () => {
        expect(fit('straps and pouches', 70, 3)).toEqual(['straps and', 'pouches']);
    });

    it('shortens what does not fit at all', () => {
        expect(fit('heron legs and beak', 30, 1)).toEqual(['hero…']);
    });

    it('keeps the mark of a state', () => {
        expect(fit('face ✓', 60, 1)).toEqual(['face ✓']);
    });
});
