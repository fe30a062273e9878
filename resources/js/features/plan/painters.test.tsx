import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { PaintersPage } from './PaintersPage';

function painters(change: Partial<Schemas['Painters']> = {}): Schemas['Painters'] {
    return {
        job: { id: 7, name: 'Harbour guard', due: '2026-12-20' },
        people: [
            { id: 3, name: 'Isla Coade', alone: 'unsaid', bench: 1200, given: 600, free: 600 },
            { id: 4, name: 'Jory Vean', alone: 'said', bench: 300, given: 360, free: -60 },
        ],
        rows: [
            {
                unit: 2,
                version: 5,
                name: '2nd Lamplighters',
                tiers: ['Muster', 'Guard'],
                figures: 12,
                minutes: 480,
                painter: null,
                proposed: 3,
                cells: [
                    { painter: 3, minutes: 480, cleared: null, not: [], bar: '' },
                    {
                        painter: 4,
                        minutes: 540,
                        cleared: false,
                        not: ['Freehand at Guard', 'Layer at Guard', 'Decal at Guard', 'Dark lining at Guard'],
                        bar: 'Not cleared for all of it.',
                    },
                ],
            },
        ],
        late: 0,
        is_best: true,
        why: { inputs: [], rule: 'Least late, then most even.', source: 'common practice, no source' },
        ...change,
    };
}

function opened(answer: Schemas['Painters']) {
    const sent = answering(({ method }) => [200, method === 'PATCH' ? { units: [] } : answer]);
    render(
        <Routes>
            <Route path="/jobs/:job/painters" element={<PaintersPage />} />
        </Routes>,
        [[['session'], session()]],
        '/jobs/7/painters',
    );
    return sent;
}

describe('who paints what', () => {
    it('says who has time, who is over already, and for what somebody is not cleared', async () => {
        opened(painters());
        expect(await screen.findByText(/10 h free until/)).toBeTruthy();
        expect(screen.getByText(/1 h over already/)).toBeTruthy();
        expect(screen.getByText('nothing said of what they may do alone')).toBeTruthy();
        expect(screen.queryByText(/Dark lining at Guard/)).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'and 1 more' }));
        expect(screen.getByText(/Dark lining at Guard/)).toBeTruthy();
    });

    it('is given as proposed', async () => {
        const sent = opened(painters());
        await userEvent.click(await screen.findByRole('button', { name: 'Give 1 unit as chosen' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PATCH')?.body).toEqual({
                rows: [{ unit: 2, version: 5, figures: null, painter_id: 3 }],
            }),
        );
    });

    it('is overruled by who is pressed, and left with nobody by pressing again', async () => {
        const sent = opened(painters());
        await userEvent.click(await screen.findByRole('button', { name: /2nd Lamplighters to Jory Vean/ }));
        expect(screen.getByRole('button', { name: /to Isla Coade/ }).getAttribute('aria-pressed')).toBe('false');
        await userEvent.click(screen.getByRole('button', { name: /2nd Lamplighters to Jory Vean/ }));
        expect(screen.getByRole('button', { name: 'Give them as chosen' }).hasAttribute('disabled')).toBe(true);
        await userEvent.click(screen.getByRole('button', { name: /2nd Lamplighters to Jory Vean/ }));
        await userEvent.click(screen.getByRole('button', { name: 'Give 1 unit as chosen' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PATCH')?.body).toEqual({
                rows: [{ unit: 2, version: 5, figures: null, painter_id: 4 }],
            }),
        );
    });

    it('says what is too much, and where nobody has hours', async () => {
        opened(painters({ late: 90, is_best: false }));
        expect(await screen.findByText('▲ 1 h 30 too much')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'the plan has ways out' }).getAttribute('href')).toBe('/jobs/7/plan');
    });

    it('asks for hours where nobody has any', async () => {
        opened(painters({ people: [] }));
        expect(await screen.findByText(/Nobody has hours at the bench yet/)).toBeTruthy();
    });
});
