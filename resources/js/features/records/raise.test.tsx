import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { RaiseRecordPage } from './RaiseRecordPage';

const plan: Schemas['Raise'] = {
    from: 'Muster',
    to: 'Watch',
    uses: [],
    order: [
        {
            kind: 'added',
            area: 'coat',
            use: 'layer',
            name: 'Layer',
            degree: '1 step more; 1 is there.',
            coats: 0,
            steps: 1,
            minutes: 5,
            why: [{ reason: 'free', sentence: 'Free here.' }],
        },
    ],
    tidy_back_minutes: 0,
    tidy: [],
    blocked: [{ area: 'figure', use: 'sketch', name: 'Sketch', why: 'Sketch lies under paint that is finished.' }],
    minutes: 46,
    whole_minutes: 69,
    stopping: [],
};

function offer(change: Partial<Schemas['RaiseOffer']> = {}): Schemas['RaiseOffer'] {
    return {
        record: 5,
        number: 12,
        unit: '1st Lamplighters',
        figure: 2,
        type: 'Lamplighter',
        job: 'Harbour guard',
        client: 'The harbour office',
        force: 'Port Ember',
        from: 'Muster',
        standard: 'House standard 1',
        tiers: [
            { key: 'muster', name: 'Muster' },
            { key: 'watch', name: 'Watch' },
        ],
        to: 'watch',
        plan,
        price: 2700,
        figures: [
            { record: 5, number: 12, figure: 2, leader: false, raised_in: null },
            { record: 6, number: 13, figure: 3, leader: true, raised_in: null },
            { record: 7, number: 14, figure: 4, leader: false, raised_in: { id: 9, name: 'Comes back' } },
        ],
        jobs: [{ id: 8, name: 'Spring work', version: 4 }],
        ...change,
    };
}

function opened(answer: Schemas['RaiseOffer']) {
    const sent = answering(({ method }) => [method === 'POST' ? 201 : 200, method === 'POST' ? { id: 30 } : answer]);
    render(
        <Routes>
            <Route path="/records/:record/raise" element={<RaiseRecordPage />} />
            <Route path="/jobs/:job" element={<p>the job</p>} />
        </Routes>,
        [[['session'], session()]],
        '/records/5/raise',
    );
    return sent;
}

describe('a record that is raised', () => {
    it('shows what is added, what cannot be, its price, and who is raised already', async () => {
        opened(offer());
        expect(await screen.findByText(/1 step more; 1 is there/)).toBeTruthy();
        expect(screen.getByText(/lies under paint that is finished/)).toBeTruthy();
        expect(screen.getByText('€27.00 a figure.')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Comes back' }).getAttribute('href')).toBe('/jobs/9');
        expect(screen.queryByRole('checkbox', { name: '4' })).toBeNull();
    });

    it('is booked with others of its unit in a job of its own', async () => {
        const sent = opened(offer());
        await userEvent.click(await screen.findByRole('checkbox', { name: '3, leader' }));
        await userEvent.click(screen.getByRole('button', { name: 'Book 2 figures' }));
        await screen.findByText('the job');
        expect(sent.find((one) => one.method === 'POST')?.body).toEqual({
            records: [5, 6],
            to: 'watch',
            name: '1st Lamplighters, raised',
            client: 'The harbour office',
            due: null,
        });
    });

    it('is booked in a job that runs, as that was read', async () => {
        const sent = opened(offer());
        await userEvent.click(await screen.findByRole('combobox', { name: 'Booked in' }));
        await userEvent.click(await screen.findByText('Spring work'));
        expect(screen.queryByLabelText('Client')).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Book 1 figure' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'POST')?.body).toEqual({ records: [5], to: 'watch', job_id: 8, version: 4 }),
        );
    });

    it('says where there is nothing above its tier, and where its price is agreed by hand', async () => {
        opened(offer({ to: null, plan: null }));
        expect(await screen.findByText('There is no tier above Muster in this standard.')).toBeTruthy();
    });

    it('has no price where one of the tiers has none', async () => {
        opened(offer({ price: null }));
        expect(await screen.findByText(/agreed by hand/)).toBeTruthy();
    });
});
