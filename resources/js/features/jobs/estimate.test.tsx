import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { group } from '@testing/madeGrid';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { BatchEstimate, Estimate } from './components/Estimate';
import { unitEstimateOptions } from './queries';

function shown(change: Parameters<typeof group>[0]) {
    const { container } = render(<Estimate group={group(change)} tier="Muster" />, [[['session'], session()]]);
    return container.textContent;
}

describe('what a figure takes', () => {
    it('stands from least to most beside what its tier has, with its why', async () => {
        expect(shown({ minutes: 32, minutes_to: 40, budget: 30, over: true })).toMatch(
            /32 min a figure, up to 40 min.* · ▲ Muster has 30 min for it: 2 min over/,
        );
        await userEvent.click(screen.getByRole('button', { name: /32 min a figure/ }));
        expect(await screen.findByText('Each use takes its minutes.')).toBeTruthy();
    });

    it('says nothing of more where there is no more, nor of a budget where there is none', () => {
        const text = shown({ minutes: 32, minutes_to: 32.2, budget: null, over: false });
        expect(text).toMatch(/^32 min a figure/);
        expect(text).not.toMatch(/up to|has/);
    });
});

describe('what a batch takes', () => {
    function batch(change: Partial<Schemas['SheetEstimate']> = {}) {
        const row = group();
        const sheet: Schemas['SheetEstimate'] = {
            key: '1-a',
            figures: row.figures.map(({ id }) => id),
            hands_on: 147,
            elapsed: 175,
            least: 135,
            most: 252,
            budget: 120,
            over: true,
            why: { inputs: [], rule: 'Tidying back is work.', source: 'common practice, no source' },
            ...change,
        };
        const other = { ...sheet, figures: [999], hands_on: 9 };
        answering(() => [200, []], { '/estimate': [other, sheet] });
        const { container } = render(<BatchEstimate job={1} unit={7} group={row} />, [
            [['session'], session()],
            [unitEstimateOptions(1, 7).queryKey, [other, sheet]],
        ]);
        return container.textContent;
    }

    it('is by hand and on the clock, from least to most, beside what its tiers have', () => {
        expect(batch()).toMatch(
            /2 figures as a batch: 2 h 27 by hand \(2 h 15 to 4 h 12\), 2 h 55 on the clock.* · ▲ their tiers have 2 h/,
        );
    });

    it('says no range and no budget where there is none', () => {
        const text = batch({ least: 147, most: 147, budget: null, over: false });
        expect(text).toContain('2 h 27 by hand, 2 h 55 on the clock');
        expect(text).not.toContain('have');
    });
});
