import { answeringBench, Hand } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';

const notCleared = () => step({ cleared: false, may_look_on: [{ id: 4, name: 'Ruan Petherick' }] });

describe('who looks on', () => {
    it('is asked where somebody is not cleared for a step, and nowhere else', async () => {
        const onLookedOn = vi.fn();
        const { unmount } = render(<Hand sheet={sheet()} row={row(notCleared())} onLookedOn={onLookedOn} />, [
            [['session'], session()],
        ]);
        expect(screen.getByText(/You are not cleared for Base coat/)).toBeTruthy();
        await userEvent.click(screen.getByRole('combobox', { name: 'Who looks on' }));
        await userEvent.click(await screen.findByTitle('Ruan Petherick'));
        expect(onLookedOn).toHaveBeenCalledWith(4);
        unmount();
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        expect(screen.queryByRole('combobox', { name: 'Who looks on' })).toBeNull();
    });

    it('goes with each mark of such a step, and with no other', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        const { unmount } = render(<Hand sheet={sheet()} row={row(notCleared())} lookedOn={4} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: /^Done on all/ }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ state: 'done', supervisor_id: 4 }));
        unmount();
        render(<Hand sheet={sheet()} row={row(step())} lookedOn={4} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: /^Done on all/ }));
        await waitFor(() => expect(sent[1]?.body).toMatchObject({ state: 'done', supervisor_id: null }));
    });
});
