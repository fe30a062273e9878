import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Navigate, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { HoursSection } from './components/HoursSection';
import { JobAhead } from './components/JobAhead';
import { Load } from './components/Load';
import { WorkAhead } from './components/WeeksBar';
import { momentOf, placeOf, sheetOf } from './days';
import { PlanPage } from './PlanPage';
import { planKeys } from './queries';

const why = { inputs: [], rule: 'What is due first goes first.', source: 'common practice, no source' };

function plan(change: Partial<Schemas['JobPlan']> = {}): Schemas['JobPlan'] {
    return {
        job: { id: 1, name: 'Harbour guard', version: 3, due: '2026-12-10' },
        promised: null,
        aside: null,
        now: '2026-12-07T10:00:00+00:00',
        painted_on: '2026-12-08',
        days_over: null,
        minutes: 150,
        open: [],
        rows: [
            {
                unit: 'Lamplighters',
                tier: 'Guard',
                painter_id: 2,
                painter: 'Isla Coade',
                figures: 5,
                minutes: 150,
                begins: '2026-12-07T10:00:00+00:00',
                ends: '2026-12-08T09:30:00+00:00',
                stretches: [
                    {
                        from: '2026-12-07T10:00:00+00:00',
                        until: '2026-12-07T12:00:00+00:00',
                        waiting: false,
                        changing: 6,
                        steps: '1 Base coat, coat',
                    },
                    {
                        from: '2026-12-08T09:00:00+00:00',
                        until: '2026-12-08T09:30:00+00:00',
                        waiting: true,
                        changing: 0,
                        steps: 'waits until it is dry',
                    },
                ],
            },
        ],
        others: [],
        sittings: [
            { painter_id: 2, painter: 'Isla Coade', from: '2026-12-07T09:00:00+00:00', until: '2026-12-07T13:00:00+00:00' },
            { painter_id: 2, painter: 'Isla Coade', from: '2026-12-08T09:00:00+00:00', until: '2026-12-08T13:00:00+00:00' },
        ],
        ways: [],
        if_aside: [],
        why,
        ...change,
    };
}

const cached: [readonly unknown[], unknown][] = [[['session'], session()]];

function show(answer: Schemas['JobPlan'] | ((method: string) => [number, unknown])) {
    const sent = answering(({ method }) => (typeof answer === 'function' ? answer(method) : [200, answer]));
    render(
        <Routes>
            <Route path="/" element={<Navigate to="/jobs/1/plan" />} />
            <Route path="/jobs/:job/plan" element={<PlanPage />} />
        </Routes>,
        cached,
    );
    return sent;
}

describe('days', () => {
    const sheet = sheetOf(plan().sittings);

    it('reads moments as they are written, wherever the reader is', () => {
        expect(sheet).toEqual({ days: ['2026-12-07', '2026-12-08'], from: 540, until: 780 });
        expect(placeOf(sheet, { from: '2026-12-08T10:00:00+05:00', until: '2026-12-08T11:00:00+05:00' })).toEqual({
            left: 1.25,
            width: 0.25,
        });
        expect(momentOf(sheet, '2026-12-07T08:00:00+00:00')).toBe(0);
        expect(momentOf(sheet, '2026-12-09T08:00:00+00:00')).toBeNull();
        expect(sheetOf([]).days).toEqual([]);
    });

    it('takes midnight as the end of the day', () => {
        const late = sheetOf([{ from: '2026-12-07T20:00:00+00:00', until: '2026-12-08T00:00:00+00:00' }]);
        expect(late).toEqual({ days: ['2026-12-07'], from: 1200, until: 1440 });
        expect(placeOf(late, { from: '2026-12-07T22:00:00+00:00', until: '2026-12-08T00:00:00+00:00' }).width).toBe(0.5);
    });
});

describe('the plan of a job', () => {
    it('says when it is painted and shows it as bars and in words', async () => {
        show(plan());
        expect(await screen.findByText('Tue, 8 Dec 2026')).toBeTruthy();
        expect(screen.getByText('from Mon 7 Dec 10:00 to Tue 8 Dec 09:30')).toBeTruthy();
        expect(screen.queryByText(/cheapest ways/)).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'In words' }));
        expect(screen.getByText('1 Base coat, coat')).toBeTruthy();
        expect(screen.getByText('10:00–12:00')).toBeTruthy();
        expect(screen.getByText('waits until it is dry')).toBeTruthy();
    });

    it('says what keeps it from having a day, and how it could be in time', async () => {
        show(
            plan({
                painted_on: null,
                open: ['Riders: 3 figures have no painter.'],
                days_over: 2,
                ways: [{ kind: 'hands', say: 'Give Lamplighters to Jory.', on: '2026-12-09', in_time: true }],
            }),
        );
        expect(await screen.findByText('It has no day yet.')).toBeTruthy();
        expect(screen.getByText('Riders: 3 figures have no painter.')).toBeTruthy();
        const late = within(screen.getByRole('region', { name: 'Late' }));
        expect(late.getByText(/2 days after it is due/)).toBeTruthy();
        expect(late.getByRole('listitem').textContent).toBe('Give Lamplighters to Jory. Wed, 9 Dec 2026, in time');
    });

    it('keeps the day that is promised, and the page shows the plan that comes back', async () => {
        const promised = { on: '2026-12-08', by: 'Marsali Teague', at: '2026-12-07T10:00:00Z', days_over: 3 };
        const sent = show((method) => [200, method === 'PUT' ? plan({ promised }) : plan()]);
        await userEvent.click(await screen.findByRole('button', { name: 'Promise a day' }));
        await userEvent.click(screen.getByRole('button', { name: 'Promise it' }));
        expect(await screen.findByText(/3 days too late/)).toBeTruthy();
        expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({ version: 3, on: '2026-12-08' });
        expect(screen.queryByLabelText('The day the client is told')).toBeNull();
    });

    it('is set aside only with a reason, keeps what was typed when that is refused, and says what it does to others', async () => {
        const sent = show((method) =>
            method === 'PUT'
                ? [409, refusal('stale', 'Somebody else changed the job.')]
                : [200, plan({ if_aside: [{ job: 'Ferrymen', on: '2026-12-09', instead_of: '2026-12-12' }] })],
        );
        await userEvent.click(await screen.findByRole('button', { name: 'Set aside' }));
        expect(screen.getByText('Ferrymen would be painted on Wed, 9 Dec 2026 instead of Sat, 12 Dec 2026')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Set it aside' })).toHaveProperty('disabled', true);
        await userEvent.type(screen.getByLabelText('Why it is set aside'), 'no wage');
        await userEvent.click(screen.getByRole('button', { name: 'Set it aside' }));
        expect(await screen.findByText(/Somebody else changed the job/)).toBeTruthy();
        expect(screen.getByLabelText('Why it is set aside')).toHaveProperty('value', 'no wage');
        expect(sent.filter((one) => one.method === 'GET').length).toBeGreaterThan(1);
    });
});

describe('hours at the bench', () => {
    const isla = (change: Partial<Schemas['PersonHours']> = {}): Schemas['PersonHours'] => ({
        user_id: 2,
        name: 'Isla Coade',
        begins: 540,
        break_at: null,
        break_minutes: null,
        minutes: [240, 0, 0, 0, 0, 0, 0],
        away: [],
        version: 1,
        mine: false,
        may_change: true,
        ...change,
    });

    it('are written with comma or point, and what is wrong is told at its day', async () => {
        const sent = answering(({ method, path }) =>
            path === '/api/calendar-link'
                ? [200, { since: null, link: null }]
                : method === 'PUT'
                  ? [422, refusal('out-of-range', 'A day has no more.', '/minutes/1')]
                  : [200, [isla()]],
        );
        render(<HoursSection />, cached);
        await userEvent.click(await screen.findByRole('button', { name: 'Change the hours of Isla Coade' }));
        const tuesday = screen.getByLabelText('Tue');
        await userEvent.clear(tuesday);
        await userEvent.type(tuesday, '1,5');
        await userEvent.click(screen.getByRole('button', { name: 'Store' }));
        expect(await screen.findAllByText(/A day has no more/)).not.toHaveLength(0);
        expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
            version: 1,
            begins: 540,
            break_at: null,
            break_minutes: null,
            minutes: [240, 90, 0, 0, 0, 0, 0],
            away: [],
        });
        expect(screen.getByLabelText('Tue')).toHaveProperty('value', '1,5');
    });

    it('have a break where somebody takes one', async () => {
        const sent = answering(({ path }) =>
            path === '/api/calendar-link'
                ? [200, { since: null, link: null }]
                : [200, [isla({ break_at: 780, break_minutes: 45 })]],
        );
        render(<HoursSection />, cached);
        expect(await screen.findByText('break 13:00, 45 min')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Change the hours of Isla Coade' }));
        const length = screen.getByLabelText('for');
        await userEvent.clear(length);
        await userEvent.type(length, '30');
        await userEvent.click(screen.getByRole('button', { name: 'Store' }));
        await waitFor(() => expect(sent.some((one) => one.method === 'PUT')).toBe(true));
        expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ break_at: 780, break_minutes: 30 });
    });

    it('gives a link to a calendar once', async () => {
        answering(({ method, path }) =>
            path === '/api/calendar-link'
                ? [
                      200,
                      method === 'POST'
                          ? { since: '2026-12-07T10:00:00Z', link: 'http://x/api/calendars/abc' }
                          : { since: null, link: null },
                  ]
                : [200, [isla()]],
        );
        render(<HoursSection />, cached);
        await userEvent.click(await screen.findByRole('button', { name: 'Make a link' }));
        expect(await screen.findByDisplayValue('http://x/api/calendars/abc')).toBeTruthy();
    });
});

describe('the load', () => {
    it('says who has how much and which dates do not hold', async () => {
        answering(() => [200, {}], {
            '/api/plan': {
                painters: [
                    {
                        painter_id: 2,
                        painter: 'Isla Coade',
                        minutes: 600,
                        week_minutes: 300,
                        weeks: 2,
                        done_on: '2026-12-20',
                        late: 1,
                    },
                ],
                jobs: [
                    {
                        id: 1,
                        name: 'Harbour guard',
                        due: '2026-12-10',
                        painted_on: '2026-12-20',
                        days_over: 10,
                        promised_on: null,
                        promise_over: null,
                        minutes: 600,
                        nobody: 0,
                        days_left: 3,
                        days_needed: 13,
                        given_until: '2026-12-20',
                    },
                    {
                        id: 2,
                        name: 'Ferrymen',
                        due: null,
                        painted_on: '2026-12-20',
                        days_over: null,
                        promised_on: null,
                        promise_over: null,
                        minutes: 600,
                        nobody: 0,
                        days_left: 3,
                        days_needed: 13,
                        given_until: '2026-12-20',
                    },
                ],
                nobody: 90,
                looks: [
                    {
                        job_id: 1,
                        job: 'Harbour guard',
                        key: '3-abc',
                        unit: 'Quay watch',
                        title: 'Look between stages, face',
                        figures: 4,
                    },
                ],
            } satisfies Schemas['StudioPlan'],
        });
        render(<Load />, cached);
        await waitFor(() => expect(screen.getByText('10 h to paint')).toBeTruthy());
        expect(screen.getByText('due Thu, 10 Dec 2026, 10 days too late')).toBeTruthy();
        expect(screen.queryByText(/Ferrymen/)).toBeNull();
        expect(screen.getByText('1 h 30 to paint')).toBeTruthy();
        expect(screen.getByRole('link', { name: /Quay watch Look between stages, face 4 figures/ }).getAttribute('href')).toBe(
            '/jobs/1/bench/3-abc',
        );
    });
});

describe('what somebody has at work', () => {
    it('is said in hours, and in weeks of their own', () => {
        const painter = (painter_id: number, minutes: number, weeks: number | null) => ({
            ...{ painter_id, painter: 'Isla Coade', minutes, weeks, week_minutes: 600, done_on: null, late: 0 },
        });
        const painters = [painter(2, 900, 1.5), painter(3, 0, 0)];
        const plan: Schemas['StudioPlan'] = { painters, jobs: [], nobody: 0, looks: [] };
        const { container } = render(
            <>
                <WorkAhead person={2} />
                <WorkAhead person={3} />
                <WorkAhead person={4} />
            </>,
            [...cached, [planKeys.studio, plan]],
        );
        expect(container.textContent).toBe('15 h to paintnothing to paint');
        const weeks = [...screen.getByRole('img', { name: '1.5 weeks of work' }).children];
        expect(weeks.map((one) => Math.round(Number.parseFloat(one.getAttribute('style')?.slice(7) ?? '0')))).toEqual([67, 33]);
    });
});

describe('what is ahead of a job', () => {
    function ahead(change: Partial<Schemas['StudioPlan']['jobs'][number]>) {
        const job = {
            id: 1,
            name: 'Harbour guard',
            due: '2026-12-10',
            painted_on: '2026-12-07',
            days_over: null,
            promised_on: null,
            promise_over: null,
            minutes: 600,
            nobody: 0,
            days_left: 9,
            days_needed: 6,
            given_until: '2026-12-07',
            ...change,
        };
        const plan: Schemas['StudioPlan'] = { painters: [], jobs: [job], nobody: 0, looks: [] };
        return render(<JobAhead job={1} />, [...cached, [planKeys.studio, plan]]).container;
    }

    const widths = (container: HTMLElement, name: string) =>
        [...container.querySelectorAll<HTMLElement>(`.${name}`)].map((one) => one.style.width);

    it('is the hours that are left, and days against days', () => {
        const container = ahead({});
        expect(container.textContent).toBe('10 h to paint, by Mon, 7 Dec 2026');
        expect([widths(container, 'days-there'), widths(container, 'days-over')]).toEqual([['100%'], []]);
        expect(widths(container, 'days-needed')[0]).toMatch(/^66\.6/);
    });

    it('reaches over the day where it is too late', () => {
        const container = ahead({ days_left: 3, days_needed: 12, days_over: 9 });
        expect(container.textContent).toContain('▲ 9 days too late');
        expect(['days-there', 'days-needed', 'days-over'].map((name) => widths(container, name))).toEqual([
            ['25%'],
            ['100%'],
            ['75%'],
        ]);
    });

    it('is open where there is no day, and all too late where the day is past', () => {
        expect(widths(ahead({ due: null, days_left: null }), 'days-open')).toEqual(['100%']);
        expect(widths(ahead({ days_left: -4, days_needed: 6, days_over: 10 }), 'days-over')).toEqual(['100%']);
    });

    it.each([
        [{ painted_on: null, days_needed: null, given_until: null, nobody: 600 }, '10 h to paint, 10 h given to nobody'],
        [{ painted_on: null, nobody: 90 }, '10 h to paint: by Mon, 7 Dec 2026 what has a day, 1 h 30 given to nobody'],
        [{ painted_on: null, given_until: null }, '10 h to paint, some of it by no day that is known'],
        [{ minutes: 0, painted_on: null, days_needed: null }, 'nothing left to paint'],
    ])('says what is not known', (change, words) => {
        expect(ahead(change).textContent).toBe(words);
    });
});
