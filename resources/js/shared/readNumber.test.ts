import { describe, expect, it } from 'vitest';
import { readNumber, writeNumber } from './readNumber';

describe('a number as it was typed', () => {
    it.each([
        ['a point', '2.5', 2.5],
        ['a comma', '2,5', 2.5],
        ['whole', '25', 25],
        ['a comma and one digit is never ten times as much', '2,5 ', 2.5],
        ['a plain space between thousands', '1 250', 1250],
        ['a thin space between thousands', '1\u2009250,5', 1250.5],
        ['a narrow no-break space, as spreadsheets write it', '12\u202f000', 12000],
        ['a no-break space', '1\u00a0000', 1000],
        ['decimals only', ',5', 0.5],
        ['a comma still being typed', '3,', 3],
        ['a minus', '-4', -4],
        ['a minus sign of typography', '\u22124', -4],
        ['a plus', '+4', 4],
    ])('%s', (_, text, value) => {
        expect(readNumber(text)).toEqual({ kind: 'number', value });
    });

    it.each(['1,250.5', '1.250,5', '1,2,3', '2 min', '2.5.1', 'two', '--2', '1e3', '٣', '.', '5 %'])(
        'says that it cannot read %s',
        (text) => {
            expect(readNumber(text).kind).toBe('unreadable');
        },
    );

    it('is empty where nothing was typed', () => {
        expect(readNumber(' \u00a0')).toEqual({ kind: 'empty' });
        expect([writeNumber(null), writeNumber(undefined), writeNumber(2.5)]).toEqual(['', '', '2.5']);
    });
});
