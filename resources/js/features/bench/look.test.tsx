import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';

const look = step({ number: 1, surface: 'whole', use: 'flat', title: 'Look at the base colours', look: true });
const wash = step({ number: 2, use: 'wash', title: 'All-over wash', waits: [20] });

function looked(may_look: boolean) {
    const plain = sheet();
    return sheet({ steps: [look, wash], figures: plain.figures.map((figure) => ({ ...figure, may_look })) });
}

describe('a look between stages', () => {
    it('is taken by who may, on all or on one', async () => {
        const sent = answeringBench(() => [200, looked(true)]);
        render(<Hand sheet={looked(true)} row={row(look)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'It holds on all 2 figures' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ use: 'flat', state: 'done', figures: [{ id: 20 }, { id: 30 }] });
    });

    it('says what does not hold yet only with words', async () => {
        const sent = answeringBench(() => [200, looked(true)]);
        render(<Hand sheet={looked(true)} row={row(look)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Not yet…' }));
        expect(screen.getByRole('button', { name: 'Say it' })).toHaveProperty('disabled', true);
        await userEvent.type(screen.getByLabelText(/^What does not hold yet on/), 'streaky');
        await userEvent.click(screen.getAllByRole('button', { name: '3' }).at(-1) as HTMLElement);
        await userEvent.click(screen.getByRole('button', { name: 'Say it' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ state: 'not-yet', reason: 'streaky', figures: [{ id: 30 }] });
    });

    it('is shown to the painter with what does not hold, to be put right', async () => {
        const mark = {
            id: 7,
            figure_id: 30,
            state: 'not-yet' as const,
            reason: 'streaky',
            agreed_with: '',
            by: 'Marsali Teague',
            looked_on: null,
            at: null,
        };
        const sent = answeringBench(() => [200, looked(false)]);
        render(<Hand sheet={looked(false)} row={row({ ...look, marks: [mark] })} />, [[['session'], session()]]);
        expect(screen.getByText(/The lead or a deputy looks here/)).toBeTruthy();
        expect(screen.getByText(/streaky \(Marsali Teague\)/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Put right, look again' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ state: 'taken-back', figures: [{ id: 30, seen: 7 }] });
    });

    it('cannot be taken where something before it is open', () => {
        render(<Hand sheet={looked(true)} row={row({ ...look, waits: [20, 30] })} />, [[['session'], session()]]);
        expect(screen.getByText(/Nothing to look at yet on figures 2, 3/)).toBeTruthy();
    });

    it('holds up what comes after it, on the figures that wait', async () => {
        const sent = answeringBench(() => [200, looked(false)]);
        render(<Hand sheet={looked(false)} row={row(wash)} />, [[['session'], session()]]);
        expect(screen.getByText(/Step 1, look at the base colours, comes first on figure 2/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Done on figure 3' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({ figures: [{ id: 30 }] });
    });
});
