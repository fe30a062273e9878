import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { Runs } from './components/Runs';
import { benchKeys } from './queries';

const place = (sheet: string, unit: string, ...numbers: number[]) => ({
    job_id: 1,
    sheet,
    unit,
    area: 'oilskin coat',
    use: 'base',
    figures: numbers.map((number) => ({ id: number * 10, number, seen: null })),
    minutes: 2 * numbers.length,
});
const run: Schemas['BenchRun'] = {
    title: 'Base coat',
    degree: '2 coats',
    paint: 'Oilskin Ochre',
    hexes: ['#b98a2e'],
    batches: [
        {
            ml: 1,
            drops: [{ name: 'Oilskin Ochre', drops: 20 }],
            why: { inputs: [], rule: 'x', source: 'common practice, no source' },
        },
    ],
    minutes: 6,
    places: [place('1-a', '1st Lamplighters', 2), place('2-b', 'Quay watch', 3, 4)],
};

describe('one run over several sheets', () => {
    it('says with what, where and for how many, and is marked in one press', async () => {
        const sent = answering((one) => [200, one.method === 'POST' ? {} : [run]]);
        render(<Runs />, [[benchKeys.runs(), [run]]]);
        await userEvent.click(screen.getByRole('button', { name: /Oilskin Ochre.*Base coat, 2 coats.*Quay watch/ }));
        expect(screen.getByText('20 drops Oilskin Ochre for all of it')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Quay watch' }).getAttribute('href')).toBe('/jobs/1/bench/2-b');
        expect(screen.getByText(/oilskin coat, figures 3, 4, 4 min/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 3 places' }));
        await waitFor(() => expect(sent.filter((one) => one.method === 'POST')).toHaveLength(2));
        expect(sent.filter((one) => one.method === 'POST').map((one) => one.body)).toMatchObject([
            { area: 'oilskin coat', state: 'done', figures: [{ id: 20 }] },
            { figures: [{ id: 30 }, { id: 40 }] },
        ]);
    });

    it('says so when not all of it is stored', async () => {
        answering((one) => (one.method === 'POST' ? [409, refusal('stale', 'Somebody else marked it.')] : [200, [run]]));
        render(<Runs />, [[benchKeys.runs(), [run]]]);
        await userEvent.click(screen.getByRole('button', { name: /Oilskin Ochre/ }));
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 3 places' }));
        expect(await screen.findByText('Not all of it is stored')).toBeTruthy();
    });

    it('is not there where no paint is shared', () => {
        render(<Runs />, [[benchKeys.runs(), []]]);
        expect(screen.queryByText(/In one run/)).toBeNull();
    });
});
