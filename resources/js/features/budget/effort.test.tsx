import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { MoreMinutes } from './components/MoreMinutes';

function area(change: Partial<Schemas['EffortArea']>): Schemas['EffortArea'] {
    return {
        unit: 2,
        version: 5,
        name: '2nd Lamplighters',
        figures: [
            { id: 11, number: 1 },
            { id: 12, number: 2 },
        ],
        whole_unit: false,
        leaders: false,
        area: 'boots',
        from: 'Muster',
        to: 'Watch',
        tier: 'watch',
        minutes: 34,
        seen: 0.01,
        ...change,
    };
}

const effort: Schemas['Effort'] = {
    minutes: 120,
    spent: 60,
    seen_now: 0.42,
    seen_then: 0.44,
    areas: [
        area({}),
        area({ unit: 3, name: 'Sea troll', figures: [{ id: 30, number: 1 }], whole_unit: true, area: 'hide', minutes: 26 }),
    ],
    why: { inputs: [], rule: 'What is seen of an area.', source: 'ours' },
};

function opened(answer: Schemas['Effort']) {
    const sent = answering(({ method }) => [200, method === 'PUT' ? { units: [] } : answer]);
    render(<MoreMinutes job={7} />, [[['session'], session()]]);
    return sent;
}

describe('a few hours more', () => {
    it('are spent on single areas, for a whole unit or for figures of it', async () => {
        const sent = opened(effort);
        expect(await screen.findByText(/of 2nd Lamplighters, 2 figures/)).toBeTruthy();
        expect(screen.getByText(/of Sea troll, all 1/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Give 2 areas these tiers' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
                areas: [
                    { unit: 2, version: 5, figures: [11, 12], area: 'boots', tier: 'watch' },
                    { unit: 3, version: 5, figures: null, area: 'hide', tier: 'watch' },
                ],
            }),
        );
    });

    it('leave out what is not wanted', async () => {
        const sent = opened(effort);
        await userEvent.click(await screen.findByRole('checkbox', { name: /boots of 2nd Lamplighters/ }));
        expect(screen.getByText(/26 min by hand/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Give 1 area these tiers' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
                areas: [{ unit: 3, version: 5, figures: null, area: 'hide', tier: 'watch' }],
            }),
        );
    });

    it('say where nothing can be lifted for them', async () => {
        opened({ ...effort, areas: [] });
        expect(await screen.findByText('No area can be lifted for that.')).toBeTruthy();
    });

    it('are not given once more before they are reckoned anew for what the job is then', async () => {
        let reckoned: (answer: [number, unknown]) => void = () => undefined;
        const again = new Promise<[number, unknown]>((resolve) => {
            reckoned = resolve;
        });
        let asked = 0;
        const sent = answering(({ method }) => {
            if (method === 'PUT') {
                return [200, { units: [] }];
            }
            asked += 1;
            return asked === 1 ? [200, effort] : again;
        });
        render(<MoreMinutes job={7} />, [[['session'], session()]]);
        const give = await screen.findByRole('button', { name: 'Give 2 areas these tiers' });
        await userEvent.click(give);
        expect(await screen.findByText('Areas lifted.')).toBeTruthy();
        expect(give.matches(':disabled')).toBe(true);
        reckoned([200, { ...effort, areas: [area({ version: 6 })] }]);
        await userEvent.click(await screen.findByRole('button', { name: 'Give 1 area these tiers' }));
        await waitFor(() => expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(2));
        expect(sent.findLast((one) => one.method === 'PUT')?.body).toMatchObject({ areas: [{ version: 6 }] });
    });
});
