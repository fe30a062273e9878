import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { RecordsPage } from './RecordsPage';

const chain: Schemas['Chain'] = {
    records: 1,
    verified: 1,
    head: 'a'.repeat(64),
    holds: true,
    faults: [],
    verified_at: '2026-12-02T03:00:00Z',
    whole_at: '2026-12-02T03:00:00Z',
    run: null,
    rule: 'Each names the one before.',
};

const row: Schemas['SignOffRow'] = {
    id: 5,
    number: 12,
    job_id: 7,
    job: 'Port Ember harbour guard',
    unit: '1st Lamplighters',
    figure: 2,
    tier: 'Guard',
    verdict: 'accept',
    checks: 1,
    signed_by: 'Ruan Petherick',
    signed_at: '2026-11-28T10:00:00Z',
    hash: '0123456789abcdef'.repeat(4),
};

function week(from: string, first: number, mended: number, conceded: number): Schemas['SignedWeek'] {
    return { from, first, mended, conceded };
}

function records(rows: Schemas['SignOffRow'][], state: Schemas['Chain'] = chain, weeks: Schemas['SignedWeek'][] = []) {
    const sent = answering(({ path }) => [200, path.includes('/chain') ? state : { rows, page: 1, pages: 1, all: rows.length }], {
        '/signed-weeks': weeks,
    });
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

    it('say at which tier, and how they came to be accepted', async () => {
        records([row, { ...row, id: 6, number: 13, figure: 3, verdict: 'concession', checks: 3 }]);
        expect(await screen.findByText('Guard')).toBeTruthy();
        expect(screen.getByText('Guard, by concession, after 3 checks')).toBeTruthy();
    });

    it('are shown week by week as bars, in words for who does not see them', async () => {
        records([row], chain, [week('2026-11-23', 0, 0, 0), week('2026-11-30', 6, 2, 1)]);
        expect(await screen.findByRole('heading', { name: 'Twelve weeks 9 figures signed off' })).toBeTruthy();
        const bars = screen.getAllByRole('listitem');
        expect(bars.map((bar) => bar.getAttribute('aria-label'))).toEqual([
            'Week from Mon, 23 Nov 2026: nothing signed off',
            'Week from Mon, 30 Nov 2026: 9 signed off, 6 as handed over, 2 after mending, 1 by concession',
        ]);
        expect(bars[1]?.querySelectorAll('.week-bar > span')).toHaveLength(3);
    });

    it('have no bars where nothing was signed, or something is looked for', async () => {
        records([row], chain, [week('2026-11-30', 0, 0, 0)]);
        expect(await screen.findByText('Guard')).toBeTruthy();
        expect(screen.queryByText(/Twelve weeks/)).toBeNull();
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

    it('say what was found where the chain does not hold, and read all of it again when asked', async () => {
        const sent = records([row], {
            ...chain,
            records: 3,
            holds: false,
            faults: ['Record 1 was altered after it was signed.'],
        });
        expect(await screen.findByText('◆ The chain does not hold')).toBeTruthy();
        expect(screen.getByText('Record 1 was altered after it was signed.')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Verify what is new' })).toBeNull();
        const asked = () => sent.filter((one) => one.method === 'POST').map((one) => one.body);
        expect(asked()).toEqual([]);
        await userEvent.click(screen.getByRole('button', { name: 'Verify all again' }));
        await waitFor(() => expect(asked()).toEqual([{ whole: true }]));
    });

    it('say what was signed since the chain was read, and say how far that is read on', async () => {
        const since = { ...chain, records: 2500, verified: 400 };
        let now: Schemas['Chain'] = since;
        const sent = answering(
            ({ path, method }) => [
                200,
                method === 'POST'
                    ? (now = { ...since, run: { id: 8, whole: false, read: 1400 } })
                    : path.endsWith('/chain')
                      ? now
                      : { rows: [row], page: 1, pages: 1, all: 1 },
            ],
            { '/signed-weeks': [] },
        );
        render(<RecordsPage />, [[['session'], session()]]);
        expect(await screen.findByText(/1400 of 2500 records read/)).toBeTruthy();
        expect(screen.getByRole('progressbar', { name: 'Records read' }).getAttribute('value')).toBe('1400');
        now = { ...since, verified: 2500 };
        expect(await screen.findByText(/2500 records read again/)).toBeTruthy();
        const asked = sent.filter((one) => one.method === 'POST').map((one) => one.body);
        expect(asked).toEqual([{ whole: false }]);
        expect(screen.queryByText(/signed since/)).toBeNull();
    });

    it('say so where it was never read', async () => {
        records([], { ...chain, records: 0, verified: 0, verified_at: null, whole_at: null });
        expect(await screen.findByText('○ No chain yet')).toBeTruthy();
    });
});
