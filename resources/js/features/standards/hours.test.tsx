import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { draft } from '@testing/madeStandard';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { HoursPanel } from './components/HoursPanel';

const hours: Schemas['Hours'] = {
    before: 120,
    after: 241,
    guess: false,
    uses: [{ area: 'coat', use: 'base', name: 'Base coat', before: 6, after: 12 }],
    cells: [{ surface: 'cloth', uses: [{ technique: 'base', minutes: 40 }] }],
    why: { inputs: [], rule: 'Every use is multiplied.', source: 'common practice, no source' },
};

async function asked(onChange = vi.fn(() => Promise.resolve())) {
    const tier = draft().document.tiers[0]?.id ?? '';
    render(<HoursPanel draft={draft()} tier={tier} onClose={() => undefined} onChange={onChange} />, [[['figure-types'], []]]);
    await userEvent.type(screen.getByLabelText('It takes'), '4');
    await userEvent.click(screen.getByRole('button', { name: 'Spread it' }));
    return { onChange, tier };
}

describe('minutes from a total', () => {
    it('are shown use by use before they are taken', async () => {
        const sent = answering(({ method }) => [200, method === 'POST' ? hours : []]);
        const { onChange, tier } = await asked();
        expect(await screen.findByText('Base coat')).toBeTruthy();
        expect(sent.find((one) => one.method === 'POST')?.body).toEqual({ tier, minutes: 240, figure_type: null });
        expect(onChange).not.toHaveBeenCalled();
        await userEvent.click(screen.getByRole('button', { name: 'Take these minutes in 1 cell' }));
        await waitFor(() => expect(onChange).toHaveBeenCalledTimes(1));
        const [changes] = onChange.mock.calls[0] as unknown as [{ value: { uses: unknown } }[]];
        expect(changes).toMatchObject([{ kind: 'cell', id: tier, surface: 'cloth', value: { uses: hours.cells[0]?.uses } }]);
    });

    it('say why they cannot be spread', async () => {
        answering(({ method }) =>
            method === 'POST' ? [422, refusal('out-of-range', 'The number of uses is 0.', '/minutes')] : [200, []],
        );
        await asked();
        expect(await screen.findByText(/The number of uses is 0/)).toBeTruthy();
    });
});
