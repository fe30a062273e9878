import { describe, expect, it } from 'vitest';
import { count, date, fewMinutes, instant, millimetres, minutes, minutesRange, money } from './format';

describe('numbers in words', () => {
    it.each([
        [0.4, '0 min'],
        [31.8, '32 min'],
        [59.4, '59 min'],
        [59.6, '1 h'],
        [60, '1 h'],
        [155.59, '2 h 36'],
        [5582, '93 h 02'],
    ])('says %f minutes as %s', (value, words) => {
        expect(minutes(value)).toBe(words);
    });

    it('have a range only where it says more', () => {
        expect(minutesRange(993, 1072)).toBe('16 h 33 to 17 h 52');
        expect(minutesRange(166, 167)).toBe('2 h 46');
        expect(minutesRange(100, 104.9)).toBe('1 h 40');
        expect(minutesRange(100, 105)).toBe('1 h 40 to 1 h 45');
    });

    it('says small numbers of minutes with one decimal', () => {
        expect(fewMinutes(0.94)).toBe('0.9');
        expect(fewMinutes(11.4)).toBe('11');
    });

    it('says small sizes with two decimals', () => {
        expect(millimetres(0.785)).toBe('0.79 mm');
        expect(millimetres(1.745)).toBe('1.7 mm');
    });

    it('counts one and many', () => {
        expect(count(1, 'figure')).toBe('1 figure');
        expect(count(2, 'thing is', 'things are')).toBe('2 things are');
    });

    it('shows a due date as the date it is, and an instant in the time zone of the studio', () => {
        expect(date('2026-12-18')).toBe('Fri, 18 Dec 2026');
        expect(instant('2026-07-01T23:30:00Z', 'Europe/London')).toContain('2 Jul 2026');
    });
});

describe('money', () => {
    it.each([
        ['EUR', 2, 2250, '€22.50'],
        ['JPY', 0, 2250, 'JP¥2,250'],
        ['KWD', 3, 2250, 'KWD 2.250'],
    ])('of %s has %d decimals', (currency, currency_decimals, amount, written) => {
        expect(money(amount, { currency, currency_decimals }).replace(/\s/g, ' ')).toBe(written);
    });
});
