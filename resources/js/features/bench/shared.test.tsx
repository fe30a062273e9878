import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { BenchSheetPage } from './BenchSheetPage';
import { benchKeys } from './queries';
import { numbered } from './rows';

describe('a sheet of figures that differ in a few steps', () => {
    const shared = sheet({
        length: 2,
        alike: [
            { tier: 'Muster', figures: [30], minutes: 20 },
            { tier: 'Watch', figures: [20], minutes: 31.8 },
        ],
        steps: [step(), step({ number: 2, use: 'lights', title: 'Layer', figures: [20] })],
    });
    const lights = row(step({ number: 2, use: 'lights', title: 'Layer', figures: [20] }));
    const page = () =>
        render(<BenchSheetPage />, [
            [['session'], session()],
            [benchKeys.sheet(0, ''), shared],
        ]);

    it('says who is painted alike and what that takes on each', () => {
        page();
        expect(screen.getByText(/Muster, figure 3, 20 min · Watch, figure 2, 32 min/)).toBeTruthy();
    });

    it('names on a step those that have it, and counts them alone', () => {
        page();
        const steps = within(screen.getByRole('region', { name: 'All 2 steps' })).getAllByRole('listitem');
        expect(steps.map((one) => within(one).queryByText('figure 2') !== null)).toEqual([false, true]);
        expect(steps.map((one) => within(one).getByText(/^\d\/\d$/).textContent)).toEqual(['0/2', '0/1']);
    });

    it('shows the steps of some of them alone', async () => {
        page();
        await userEvent.click(screen.getByRole('button', { name: 'figure 3' }));
        expect(within(screen.getByRole('region', { name: '1 step' })).getAllByRole('listitem')).toHaveLength(1);
    });

    it('says where parts are joined, on whom, and where to look then', () => {
        const join = { number: 2, part: 'rider', to: 'heron', figures: [20], contacts: [{ area: 'cloak', other: 'feathers' }] };
        const whole = { number: 1, part: 'the ground', to: 'the figure', figures: [20, 30], contacts: [] };
        render(<BenchSheetPage />, [
            [['session'], session()],
            [benchKeys.sheet(0, ''), { ...shared, joins: [join, whole] }],
        ]);
        const rider = screen.getByText('figure 2: join rider to heron').closest('li');
        expect(rider?.textContent).toContain('look at where they touch: cloak and feathers; mend glue');
        expect(screen.getByText('join the ground to the figure').closest('li')?.textContent).toContain(
            'look at where they touch; mend',
        );
    });

    it('is marked on those that have the step', async () => {
        const sent = answeringBench(() => [200, shared]);
        render(<Hand sheet={shared} row={lights} />, [[['session'], session()]]);
        expect(within(screen.getByRole('group', { name: 'Figures on which it is done' })).getAllByRole('button')).toHaveLength(1);
        await userEvent.click(screen.getByRole('button', { name: 'Done on figure 2' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ use: 'lights', figures: [{ id: 20 }] });
    });

    it('numbers figures that follow each other as a run', () => {
        const of = (...numbers: number[]) => numbered(numbers.map((number) => ({ number })));
        expect([of(3), of(1, 2), of(1, 2, 3), of(1, 4, 5, 6, 9)]).toEqual([
            'figure 3',
            'figures 1, 2',
            'figures 1 to 3',
            'figures 1, 4 to 6, 9',
        ]);
    });
});
