import type { Schemas } from '@api';
import { answeringBench, Hand } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';

const mine = (laid: Schemas['BenchSheet']) => ({ ...laid, figures: laid.figures.map((one) => ({ ...one, may_mark: true })) });

describe('a coat more than is asked for', () => {
    it('is laid on one figure or on all', async () => {
        const laid = mine(sheet());
        const [base] = laid.steps;
        if (base === undefined) throw new Error('The sheet has no step.');
        const sent = answeringBench(() => [200, laid]);
        render(<Hand sheet={laid} row={row(base)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'It takes another coat…' }));
        expect(screen.getByRole('button', { name: 'all 2 figures' })).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'figure 2' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]).toMatchObject({
            path: '/api/further-coats',
            body: { figures: [20], area: base.area, use: base.use, coats: 1, seen: 0 },
        });
    });

    it('is offered for the others where it was chosen for one, and can be taken back', async () => {
        const others = step({ figures: [30] });
        const one = step({ figures: [20], degree: '3 coats', further: [{ figure_id: 20, coats: 1, by: 'Isla Coade' }] });
        const laid = mine(sheet({ steps: [others, one], length: 2 }));
        const sent = answeringBench(() => [200, laid]);
        render(<Hand sheet={laid} row={row(others)} />, [[['session'], session()]]);
        const note = screen.getByText(/^1 coat more than asked on figure 2, by Isla Coade/);
        expect(within(note).queryByRole('button', { name: 'As asked again' })).toBeNull();
        await userEvent.click(within(note).getByRole('button', { name: 'On figure 3 too' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ figures: [30], coats: 1, seen: 0 });
    });

    it('goes back to what is asked', async () => {
        const one = step({ figures: [20], degree: '3 coats', further: [{ figure_id: 20, coats: 1, by: 'Isla Coade' }] });
        const laid = mine(sheet({ steps: [step({ figures: [30] }), one], length: 2 }));
        const sent = answeringBench(() => [200, laid]);
        render(<Hand sheet={laid} row={row(one)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'As asked again' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ figures: [20], coats: 0, seen: 1 });
    });

    it('is nothing where no paint is laid', () => {
        const look = step({ mixes: [] });
        const laid = mine(sheet({ steps: [look], length: 1 }));
        render(<Hand sheet={laid} row={row(look)} />, [[['session'], session()]]);
        expect(screen.queryByRole('button', { name: 'It takes another coat…' })).toBeNull();
    });
});
