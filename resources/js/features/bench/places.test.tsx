import { Hand, answeringBench } from '@testing/Hand';
import { type row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { StepRow } from './components/StepRow';
import { rowsOf } from './rows';

const done = (figure_id: number) => ({
    id: figure_id,
    figure_id,
    state: 'done' as const,
    reason: '',
    agreed_with: '',
    by: 'Isla Coade',
    looked_on: null,
    at: null,
});

describe('one wash on several areas', () => {
    const wash = { use: 'shade', title: 'All-over wash', degree: '' };
    const coat = step({
        ...wash,
        area: 'coat',
        minutes: 2,
        why: [{ reason: 'the standard', sentence: 'Base coat, coat lies under it.' }],
    });
    const hose = step({
        ...wash,
        area: 'hose',
        minutes: 1,
        marks: [done(20)],
        why: [{ reason: 'one go', sentence: 'In one go with coat.' }],
    });
    const washed = sheet({
        length: 1,
        steps: [coat, hose],
        goes: [{ number: 1, areas: ['coat', 'hose'], minutes: 3, minutes_to: 3, batches: [] }],
    });
    const both = rowsOf(washed)[0] as ReturnType<typeof row>;

    it('is one step of the sheet with its places', () => {
        expect(rowsOf(washed)).toHaveLength(1);
        render(<StepRow sheet={washed} row={both} isCurrent={false} cautionAt={null} onChoose={() => undefined} />);
        expect(screen.getByRole('button', { name: /^All-over wash ?, coat, hose$/ })).toBeTruthy();
        expect(screen.getByText('3 min')).toBeTruthy();
        // Done at one place is not done.
        expect(screen.getByText('0/2')).toBeTruthy();
    });

    it('is marked at all its places in one press, what is marked already left alone', async () => {
        const sent = answeringBench(() => [200, washed]);
        render(<Hand sheet={washed} row={both} />, [[['session'], session()]]);
        expect(screen.getByRole('heading', { name: 'All-over wash on the coat and the hose' })).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        await waitFor(() => expect(sent).toHaveLength(2));
        expect(sent.map((one) => one.body)).toMatchObject([
            { area: 'coat', use: 'shade', figures: [{ id: 20 }, { id: 30 }] },
            { area: 'hose', use: 'shade', figures: [{ id: 30 }] },
        ]);
    });

    it('can be marked at one of them alone', async () => {
        const sent = answeringBench(() => [200, washed]);
        render(<Hand sheet={washed} row={both} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'only hose' }));
        await userEvent.click(screen.getByRole('button', { name: 'Done on figure 3' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ area: 'hose', figures: [{ id: 30 }] });
    });

    it('takes a mix that is written for it at all its places', async () => {
        const sent = answeringBench(() => [200, washed]);
        render(<Hand sheet={washed} row={both} />, [
            [['session'], session()],
            [['paints'], []],
        ]);
        await userEvent.click(screen.getByRole('button', { name: /^Change what All-over wash on coat, hose/ }));
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        await waitFor(() => expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(2));
        expect(sent.filter((one) => one.method === 'PUT').map((one) => one.body)).toMatchObject([
            { area: 'coat' },
            { area: 'hose' },
        ]);
    });
});
