import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { TodayPage } from './TodayPage';

function figure(change: Partial<Schemas['WaitingFigure']> = {}): Schemas['WaitingFigure'] {
    return {
        id: 31,
        job_id: 7,
        job: 'Port Ember harbour guard',
        unit: '1st Lamplighters',
        number: 3,
        leader: false,
        state: 'to-check',
        painter: 'Isla Coade',
        since: null,
        mended: [],
        ...change,
    };
}

function waiting(change: Partial<Schemas['Today']> = {}, role: Schemas['Session']['user']['role'] = 'lead') {
    const today: Schemas['Today'] = {
        checks: [],
        refused: [],
        bench: [],
        bench_all: 0,
        jobs: [],
        checks_all: 0,
        refused_all: 0,
        proposals: 0,
        first_steps: null,
        chain: { holds: true, records: 3, faults: 0, verified_at: null },
        ...change,
    };
    answering(() => [200, today]);
    render(<TodayPage />, [
        [['session'], session({ role })],
        [['today'], today],
    ]);
}

describe('what waits', () => {
    it('is said to be nothing, with a way on for who gives work', () => {
        waiting();
        expect(screen.getByText('Nothing waits to be checked or mended.')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Open a job' }).getAttribute('href')).toBe('/jobs');
    });

    it('tells a painter who gives work, and offers no job', () => {
        waiting({}, 'painter');
        expect(screen.getByText(/Nothing is given to you yet/)).toBeTruthy();
        expect(screen.queryByRole('link')).toBeNull();
    });

    it('leads a new studio to its first signed figure, the next step first', () => {
        waiting({
            first_steps: [
                { step: 'standard', done: true },
                { step: 'paints', done: false },
                { step: 'record', done: false },
            ],
        });
        expect(screen.getByRole('heading', { name: 'To the first signed figure 1 of 3' })).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Put your paints on the shelf' }).closest('li')?.className).toBe('first-next');
        expect(screen.getByRole('link', { name: 'Say what each tier includes' }).closest('li')?.className).toBe('first-done');
        expect(screen.queryByText('Nothing waits to be checked or mended.')).toBeNull();
    });

    it('says first that records were altered', () => {
        waiting({ chain: { holds: false, records: 3, faults: 2, verified_at: null }, checks: [figure()], checks_all: 1 });
        const alert = screen.getByRole('alert');
        expect(alert.textContent).toContain('The chain of records does not hold 2');
        expect(screen.getAllByRole('heading', { level: 2 })[0]?.textContent).toContain('does not hold');
    });

    it('leads to the check of a figure, and says what was mended on it', () => {
        waiting({ checks: [figure({ mended: ['face', 'boots'] })], checks_all: 9 });
        const link = screen.getByRole('link', { name: /1st Lamplighters, figure 3/ });
        expect(link.getAttribute('href')).toBe('/jobs/7/check/31');
        expect(link.textContent).toContain('mended: face, boots.');
        expect(screen.getByText(/8 more/)).toBeTruthy();
    });

    it('leads to mending what was sent back, and says when it only has to be handed over', () => {
        waiting({ refused: [figure({ state: 'mended', leader: true })], refused_all: 1 }, 'painter');
        const link = screen.getByRole('link', { name: /figure 3, leader/ });
        expect(link.getAttribute('href')).toBe('/jobs/7/mend/31');
        expect(link.textContent).toContain('to be handed over');
    });

    it('lists the first units at the bench and counts the rest', () => {
        const unit = { job_id: 7, job: 'Port Ember harbour guard', unit_id: 3, unit: 'Quay watch', figures: 4, due: null };
        waiting({ bench: [unit], bench_all: 31 });
        expect(screen.getByRole('heading', { name: 'At the bench 31' })).toBeTruthy();
        expect(screen.getByText(/^30 more under/).textContent).toBe('30 more under Bench');
    });

    const states: Schemas['JobSummary']['states'] = [
        { state: 'to-paint', figures: 8 },
        { state: 'painting', figures: 0 },
        { state: 'signed', figures: 4 },
    ];

    it.each([
        [-2, true, '2 days late'],
        [0, false, 'due today'],
        [1, false, '1 day left'],
    ])('counts the days of a job: %i', (days_left, late, words) => {
        const job = { id: 7, name: 'Harbour guard', client: 'A client', due: '2026-12-01', figures: 12, signed: 4, states };
        waiting({ jobs: [{ ...job, days_left, late, state: 'open' }] });
        const link = screen.getByRole('link', { name: /Harbour guard/ });
        expect(link.textContent).toContain(words);
        expect(link.textContent.includes('▲')).toBe(late);
        expect(link.textContent).toContain('4 of 12 signed off');
        expect(screen.getByRole('img', { name: '4 signed off, 8 to paint' })).toBeTruthy();
    });
});
