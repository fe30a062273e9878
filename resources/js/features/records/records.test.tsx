import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { RecordsPage } from './RecordsPage';

const chain: Schemas['Chain'] = { records: 1, head: 'a'.repeat(64), holds: true, faults: [], rule: 'Each names the one before.' };

const row: Schemas['SignOffRow'] = {
    id: 5,
    number: 12,
    job_id: 7,
    job: 'Port Ember harbour guard',
    unit: '1st Lamplighters',
    figure: 2,
    signed_by: 'Ruan Petherick',
    signed_at: '2026-11-28T10:00:00Z',
    hash: '0123456789abcdef'.repeat(4),
};

function records(rows: Schemas['SignOffRow'][], state: Schemas['Chain'] = chain) {
    const sent = answering(({ path }) => [200, path.endsWith('/chain') ? state : { rows, page: 1, pages: 1, all: rows.length }]);
    render(<RecordsPage />, [[['session'], session()]]);
    return sent;
}

describe('records', () => {
    it('are named by number, figure, who signed and the first digits of the seal', async () => {
        records([row]);
        const line = within(
            (await screen.findByRole('link', { name: '1st Lamplighters, figure 2' })).closest('tr') as HTMLElement,
        );
        expect(line.getByText('12')).toBeTruthy();
        expect(line.getByText(/Ruan Petherick/)).toBeTruthy();
        expect(line.getByText('0123456789ab')).toBeTruthy();
    });

    it('say when there are none yet', async () => {
        records([]);
        expect(await screen.findByText(/Nothing is signed off yet/)).toBeTruthy();
    });

    it('are looked for by what is typed, and what is not found is named', async () => {
        const sent = records([]);
        await userEvent.type(screen.getByRole('searchbox', { name: 'Find a record' }), 'Tide divers{Enter}');
        expect(await screen.findByText('No record has to do with “Tide divers”.')).toBeTruthy();
        expect(sent.some((one) => one.path.endsWith('/sign-offs'))).toBe(true);
    });

    it('say what was found where the chain does not hold, and verify again when asked', async () => {
        const broken = { ...chain, holds: false, faults: [{ number: 1, message: 'Record 1 was altered after it was signed.' }] };
        const sent = records([row], broken);
        expect(await screen.findByText('◆ The chain does not hold')).toBeTruthy();
        expect(screen.getByText('Record 1 was altered after it was signed.')).toBeTruthy();
        const asked = () => sent.filter((one) => one.path.endsWith('/chain')).length;
        const before = asked();
        await userEvent.click(screen.getByRole('button', { name: 'Verify again' }));
        await waitFor(() => expect(asked()).toBe(before + 1));
    });
});
