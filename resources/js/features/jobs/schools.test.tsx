import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Navigate, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { SchoolsPage } from './SchoolsPage';

const why = { inputs: [], rule: 'Each sheet is put in order anew.', source: 'Common practice, no source' };

function sheet(change: Partial<Schemas['EffectOnSheet']> = {}): Schemas['EffectOnSheet'] {
    return {
        key: '1-a',
        unit: 'Lamplighters',
        type: 'Lamplighter',
        tier: 'Muster',
        figures: 9,
        areas: ['lamp cage', 'face'],
        steps: 27,
        minutes: 180,
        tidy_minutes: 18,
        tidied: ['lamp cage'],
        changes: 12,
        not_held: [],
        ...change,
    };
}

function effect(choice: string, change: Partial<Schemas['SchoolEffect']> = {}): Schemas['SchoolEffect'] {
    return {
        choice,
        name: choice,
        for: 'mistakes are cheap',
        order: 'metals before other paint',
        risk: '',
        governs: false,
        minutes: 180,
        tidy_minutes: 18,
        changes: 12,
        sheets: [sheet()],
        ...change,
    };
}

const schools = (own: string | null): Schemas['JobSchools'] => ({
    job: { id: 0, name: 'Harbour guard', version: 4 },
    questions: [{ id: 'metals', name: 'Metals', own, standard: 'first', surfaces: [{ name: 'Gold', choice: 'last' }] }],
    wishes: [
        {
            question: 'pools',
            name: 'Pools of a wash',
            said: null,
            left: true,
            standard: null,
            choices: [
                { choice: 'fault', name: 'a fault', for: 'clean plate' },
                { choice: 'wanted', name: 'wanted', for: 'dirty machines' },
            ],
        },
    ],
});

const effects = [
    effect('first', { governs: true }),
    effect('last', {
        minutes: 171,
        risk: 'a slip is mended layer by layer',
        sheets: [sheet({ areas: ['face', 'lamp cage'], tidied: [], not_held: ['badge before coat'] })],
    }),
];

function cached(own: string | null, role: 'lead' | 'painter' = 'lead'): [readonly unknown[], unknown][] {
    return [
        [['session'], session({ role })],
        [['jobs', 0, 'schools'], schools(own)],
        [['jobs', 0, 'schools', 'metals'], { effects, why }],
    ];
}

const page = (
    <Routes>
        <Route path="/" element={<Navigate to="/jobs/0/schools" />} />
        <Route path="/jobs/:job/schools" element={<SchoolsPage />} />
    </Routes>
);

describe('schools of a job', () => {
    it('says what holds, and what each choice does sheet by sheet', () => {
        render(page, cached(null));
        const metals = screen.getByRole('region', { name: 'Metals' });
        expect(metals.textContent).toContain('Standard: first. This job: as the standard. Gold: last, whatever is chosen here.');
        const last = within(metals).getByRole('row', { name: /^last/ });
        expect(last.textContent).toContain('2 h 51');
        expect(last.textContent).toContain('Mending: a slip is mended layer by layer');
        expect(within(metals).getByText('lamp cage · face').textContent).toContain(
            '27 steps, 3 h; tidied back: lamp cage (18 min)',
        );
        expect(within(metals).getByText('face · lamp cage').textContent).toContain('not held here: badge before coat');
    });

    it('sends a choice with the version that was read, and gives it back', async () => {
        const sent = answering(({ path }) => [200, path.endsWith('/metals') ? { effects, why } : schools('last')]);
        render(page, cached(null));
        await userEvent.click(screen.getByRole('button', { name: /^Paint this job so/ }));
        await waitFor(() => expect(sent[0]?.body).toEqual({ version: 4, question: 'metals', choice: 'last' }));
        await userEvent.click(await screen.findByRole('button', { name: 'As the standard again' }));
        await waitFor(() =>
            expect(sent.filter((one) => one.method === 'PUT').at(-1)?.body).toEqual({
                version: 4,
                question: 'metals',
                choice: null,
            }),
        );
    });

    it('says that nothing was stored when somebody else was first', async () => {
        answering(({ method, path }) =>
            method === 'PUT'
                ? [409, refusal('stale', 'Somebody else changed the job.')]
                : [200, path.endsWith('/metals') ? { effects, why } : schools('last')],
        );
        render(page, cached(null));
        await userEvent.click(screen.getByRole('button', { name: /^Paint this job so/ }));
        expect(await screen.findByText(/yours was not stored/)).toBeTruthy();
    });

    it('says where the client has a say, and notes what they say', async () => {
        const wanted = { ...schools(null), wishes: schools(null).wishes.map((one) => ({ ...one, said: 'wanted', left: false })) };
        const sent = answering(({ method, path }) => [
            200,
            method === 'PUT' ? {} : path.endsWith('/metals') ? { effects, why } : wanted,
        ]);
        render(page, cached(null));
        const say = screen.getByRole('region', { name: 'Where the client has a say' });
        expect(say.textContent).toContain('Pools of a wash: left to the studio; the standard leaves it open');
        expect(within(say).queryByRole('button', { name: /^As the studio likes/ })).toBeNull();
        await userEvent.click(within(say).getByRole('button', { name: 'wanted' }));
        await waitFor(() => expect(sent[0]?.body).toEqual({ version: 4, question: 'pools', choice: 'wanted' }));
        expect(await within(say).findByText(/the client wishes: wanted/)).toBeTruthy();
        await userEvent.click(within(say).getByRole('button', { name: /^As the studio likes/ }));
        await waitFor(() =>
            expect(sent.filter((one) => one.method === 'PUT').at(-1)?.body).toEqual({
                version: 4,
                question: 'pools',
                choice: null,
            }),
        );
    });

    it('can only be read by who is not the lead', () => {
        render(page, cached('last', 'painter'));
        expect(screen.queryByRole('button', { name: /Paint this job so|As the standard|wanted|As the studio/ })).toBeNull();
    });
});
