import type { Schemas } from '@api';
import { describe, expect, it } from 'vitest';
import { askedHere, seenFrom, sideToLookAt } from './walk';

type Item = Schemas['CheckItem'];

function item(area: string, sides: Item['sides'], alone: string | null, answer: Item['answer'] = null): Item {
    return {
        item: 'criterion',
        excused: null,
        answers: ['holds', 'does-not-hold'],
        area,
        surface: 'cloth',
        tier: 'guard',
        criterion: 'lit',
        text: '',
        places: [],
        severity: 'minor',
        sides,
        alone,
        focal: false,
        answer,
        reason: '',
        stands: false,
    };
}

function check(items: Item[], passed: string[] = []): Schemas['Check'] {
    return { sides: ['front', 'left', 'back'], passed, items } as unknown as Schemas['Check'];
}

describe('walking round a figure', () => {
    const face = item('face', ['front', 'left'], 'draws the eye');
    const coat = item('coat', ['front', 'left', 'back'], null);
    const seal = item('seal', ['back'], 'critical');

    it('asks one by one at the first side, and not again where it was answered', () => {
        expect(askedHere(check([face, coat, seal]), 'front')).toEqual([face]);
        expect(askedHere(check([face, coat, seal]), 'left')).toEqual([]);
        expect(askedHere(check([{ ...face, answer: 'holds' }, seal]), 'front')).toEqual([]);
    });

    it('lists what is seen from a side, what is asked by itself first', () => {
        expect(seenFrom(check([coat, seal, face]), 'front')).toEqual([face, coat]);
    });

    it('looks at the first side that was not passed, then at one with something open', () => {
        expect(sideToLookAt(check([face], ['front']))).toBe('left');
        expect(sideToLookAt(check([seal], ['front', 'left', 'back']))).toBe('back');
        expect(sideToLookAt(check([], ['front', 'left', 'back']))).toBe('front');
    });
});
