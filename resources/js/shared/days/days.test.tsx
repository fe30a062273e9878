import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DateField } from './DateField';
import { addMonths, readDay, weeksOf } from './days';

const NOW = '2026-12-01';

describe('a day that is typed', () => {
    it.each([
        ['2027-01-05', '2027-01-05'],
        ['5 Jan 2027', '2027-01-05'],
        ['Tue, 5 Jan 2027', '2027-01-05'],
        ['5 january 2027', '2027-01-05'],
        ['5.1.2027', '2027-01-05'],
        ['5/1/2027', '2027-01-05'],
        ['29 Feb 2028', '2028-02-29'],
        // Without a year it is the next such day.
        ['5.1.', '2027-01-05'],
        ['24 Dec', '2026-12-24'],
        ['1 Dec', '2026-12-01'],
        ['30 Nov', '2027-11-30'],
        ['3 weeks', '2026-12-22'],
        ['in 10 days', '2026-12-11'],
        ['1 month', '2027-01-01'],
    ])('%s is %s', (typed, day) => {
        expect(readDay(typed, NOW)).toBe(day);
    });

    it.each(['soon', '31 Feb 2027', '29 Feb 2027', '2027-13-01', '5 13 2027', '5.13.2027', '0 Jan', '32 Jan', '5', ''])(
        '%s is none',
        (typed) => {
            expect(readDay(typed, NOW)).toBeNull();
        },
    );

    it('of another month is the last that it has, where it has none of that number', () => {
        expect(addMonths('2027-01-31', 1)).toBe('2027-02-28');
        expect(addMonths('2027-01-31', -2)).toBe('2026-11-30');
        expect(addMonths('2026-12-15', 1)).toBe('2027-01-15');
    });

    it('stands in weeks from Monday, with days of the months beside it', () => {
        const weeks = weeksOf('2026-12-05');
        expect([weeks.length, weeks[0]?.[0], weeks[0]?.[1], weeks.at(-1)?.[6]]).toEqual([
            5,
            '2026-11-30',
            '2026-12-01',
            '2027-01-03',
        ]);
        // February 2027 begins on a Monday and ends on a Sunday.
        expect(weeksOf('2027-02-10')).toHaveLength(4);
    });
});

describe('a field for a day', () => {
    beforeEach(() => {
        vi.useFakeTimers({ now: new Date(`${NOW}T12:00:00`), toFake: ['Date'] });
    });
    afterEach(() => vi.useRealTimers());

    function field(start = '', min?: string) {
        const now = { value: start };
        function Hand() {
            const [value, setValue] = useState(start);
            now.value = value;
            return (
                <>
                    <label htmlFor="due">Due</label>
                    <DateField id="due" value={value} onChange={setValue} {...(min === undefined ? {} : { min })} />
                </>
            );
        }
        render(<Hand />);
        return now;
    }

    it('reads what is typed, says which day it is, and writes it as days are written', async () => {
        const now = field();
        await userEvent.type(screen.getByLabelText('Due'), '5.1.');
        expect(now.value).toBe('2027-01-05');
        expect(screen.getByText('Tue, 5 Jan 2027')).toBeTruthy();
        fireEvent.blur(screen.getByLabelText('Due'));
        expect(screen.getByLabelText('Due')).toHaveProperty('value', 'Tue, 5 Jan 2027');
        await userEvent.clear(screen.getByLabelText('Due'));
        expect(now.value).toBe('');
    });

    it('keeps what it cannot read as it was typed, and says so', async () => {
        const now = field();
        await userEvent.type(screen.getByLabelText('Due'), 'before Easter');
        fireEvent.blur(screen.getByLabelText('Due'));
        expect(now.value).toBe('before Easter');
        expect(screen.getByLabelText('Due')).toHaveProperty('value', 'before Easter');
        expect(screen.getByRole('status').textContent).toContain('Not read yet');
    });

    it('shows a month, in which days go by keys, and none before the first that may be', async () => {
        const now = field('2026-12-03', NOW);
        await userEvent.click(screen.getByRole('button', { name: 'Choose from a month' }));
        expect(screen.getByRole('button', { name: '3 December 2026' }).getAttribute('aria-pressed')).toBe('true');
        expect(screen.getByRole('button', { name: '30 November 2026' })).toHaveProperty('disabled', true);
        await userEvent.keyboard('{ArrowDown}{ArrowRight}{PageDown}');
        expect(document.activeElement?.getAttribute('aria-label')).toBe('11 January 2027');
        await userEvent.keyboard('{PageUp}{PageUp}{PageUp}');
        expect(document.activeElement?.getAttribute('aria-label')).toBe('1 December 2026');
        await userEvent.click(screen.getByRole('button', { name: 'The month after' }));
        await userEvent.click(screen.getByRole('button', { name: '15 January 2027' }));
        expect(now.value).toBe('2027-01-15');
        expect(screen.queryByRole('table')).toBeNull();
    });
});
