import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { BudgetPage } from './BudgetPage';
import type { Budget, BudgetGroup } from './queries';

const option = (tier: string, minutes: number, seen: number): BudgetGroup['options'][number] => ({
    tier,
    name: tier === 'plain' ? 'Plain' : 'Rich',
    minutes,
    money: minutes * 60,
    seen,
});

function group(change: Partial<BudgetGroup> = {}): BudgetGroup {
    return {
        key: '4',
        units: [{ id: 4, name: 'Lamplighters', version: 7 }],
        type: 'Lamplighter',
        own: false,
        leaders: false,
        other_type: false,
        figures: [
            { id: 1, number: 1, version: 1 },
            { id: 2, number: 2, version: 1 },
        ],
        now: 'plain',
        chosen: 'rich',
        fixed: false,
        options: [option('plain', 60, 0.3), option('rich', 240, 0.7)],
        left_out: [],
        ...change,
    };
}

function budget(change: Partial<Budget> = {}): Budget {
    return {
        measure: 'minutes',
        budget: 300,
        has_prices: true,
        now: { cost: 60, seen: 0.3 },
        chosen: { cost: 240, seen: 0.7 },
        curve: [
            { cost: 60, seen: 0.3 },
            { cost: 240, seen: 0.7 },
        ],
        groups: [group()],
        settled: 0,
        why: { inputs: [], rule: 'What is seen.', source: 'ours' },
        ...change,
    };
}

const NOTHING_MORE: Schemas['Effort'] = {
    minutes: 120,
    spent: 0,
    seen_now: 0.3,
    seen_then: 0.3,
    areas: [],
    why: { inputs: [], rule: 'What is seen.', source: 'ours' },
};

function page(answer: Parameters<typeof answering>[0], as: Parameters<typeof session>[0] = {}) {
    const sent = answering(answer, { '/effort': NOTHING_MORE });
    render(<BudgetPage />, [
        [['session'], session(as)],
        [['jobs', NaN], { name: 'Harbour guard' }],
    ]);
    return sent;
}

describe('given this budget', () => {
    it('says what is had for it, beside what is assigned now', async () => {
        page(() => [200, budget()]);
        expect(await screen.findByText('1 h · 30 % seen')).toBeTruthy();
        expect(screen.getByText('4 h · 70 % seen')).toBeTruthy();
        expect(screen.getByLabelText('Budget, hours')).toHaveProperty('value', '5');
        expect(screen.getByRole('img', { name: /^From 1 h, of which 30 % of all is seen, to 4 h/ })).toBeTruthy();
        expect(screen.getByText('Rich, as reckoned')).toBeTruthy();
    });

    it('asks in hours and sends minutes, and keeps what somebody settled', async () => {
        const sent = page(() => [200, budget()]);
        await userEvent.click(await screen.findByLabelText('Tier of Lamplighters'));
        await userEvent.click(await screen.findByTitle('Plain · 1 h · settled by hand'));
        await userEvent.clear(screen.getByLabelText('Budget, hours'));
        await userEvent.type(screen.getByLabelText('Budget, hours'), '2,5');
        await waitFor(() =>
            expect(sent.at(-1)?.body).toEqual({
                measure: 'minutes',
                budget: 150,
                fixed: [{ group: '4', tier: 'plain' }],
                alike: true,
            }),
        );
    });

    it('gives units their tier, and leaders and others of their own figure by figure', async () => {
        const leader = group({
            key: '4-leaders',
            own: true,
            leaders: true,
            figures: [{ id: 9, number: 1, version: 3 }],
        });
        const sent = page(({ method }) => [200, method === 'PUT' ? {} : budget({ groups: [group(), leader] })]);
        expect(await screen.findByText('Lamplighters: leader')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Take these tiers' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
                units: [{ id: 4, version: 7, tier: 'rich' }],
                figures: [{ id: 9, version: 3, tier: 'rich' }],
            }),
        );
    });

    it('takes nothing where nothing would change, or nothing keeps to it', async () => {
        page(() => [200, budget({ chosen: null, groups: [group({ chosen: null })] })]);
        expect((await screen.findByRole('alert')).textContent).toContain('The least is 1 h.');
        expect(screen.getByRole('button', { name: 'Take these tiers' })).toHaveProperty('disabled', true);
    });

    it('offers no money where prices are missing', async () => {
        page(() => [200, budget({ has_prices: false })]);
        await screen.findByText('1 h · 30 % seen');
        expect(screen.queryByRole('group', { name: 'Counted in' })).toBeNull();
    });
});
