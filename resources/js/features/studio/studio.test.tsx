import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { peopleOptions } from '@features/jobs';
import { ConfirmProvider } from '@features/session';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FigureTypes } from './components/FigureTypes';
import { FigureTypePage } from './FigureTypePage';
import { People } from './components/People';
import { studioKeys } from './queries';

function colleague(change: Partial<Schemas['Colleague']> = {}): Schemas['Colleague'] {
    return {
        id: 3,
        name: 'Isla Coade',
        role: 'painter',
        signing_rank: null,
        second_factor: false,
        ended: false,
        version: 4,
        ...change,
    };
}

const marsali = colleague({ id: 1, name: 'Marsali Teague', role: 'lead', version: 1 });

function people(
    rows: Schemas['Colleague'][],
    as: Parameters<typeof session>[0] = {},
    invited: Schemas['Invitations']['open'] = [],
) {
    return render(
        <ConfirmProvider>
            <People />
        </ConfirmProvider>,
        [
            [['session'], session(as)],
            [peopleOptions().queryKey, rows],
            [studioKeys.invitations, { open: invited, link: null, mailed: null }],
        ],
    );
}

describe('the people of a studio', () => {
    it('says who signs what, who ended, and offers changes to the lead only', () => {
        answering(() => [200, []]);
        const rows = [
            marsali,
            colleague({ id: 2, name: 'Ruan Petherick', role: 'deputy', signing_rank: 3 }),
            colleague({ name: 'Jory Keast', id: 4, ended: true }),
        ];
        const { unmount } = people(rows);
        expect(screen.getByText('up to rank 3')).toBeTruthy();
        expect(screen.getByText('was painter')).toBeTruthy();
        expect(screen.getByText('ended; marks and signatures stay')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Change Ruan Petherick' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Change Jory Keast' })).toBeNull();
        unmount();

        people(rows, { id: 3, name: 'Isla Coade', role: 'painter' });
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('asks for the password before an account is ended, and sends what was pressed once it is right', async () => {
        let confirmed = false;
        const sent = answering(({ method, path }) => {
            if (path === '/api/account/confirmation') {
                confirmed = true;
                return [200, {}];
            }
            return method === 'DELETE' && !confirmed
                ? [423, refusal('confirm-password', 'Say your password once more.')]
                : [200, [marsali, colleague({ ended: true })]];
        });
        people([marsali, colleague()]);
        await userEvent.click(screen.getByRole('button', { name: 'Change Isla Coade' }));
        await userEvent.click(screen.getByRole('button', { name: 'End the account' }));
        const dialog = await screen.findByRole('dialog');
        await userEvent.type(within(dialog).getByLabelText(/password/i), 'wet rope, cold tar');
        await userEvent.keyboard('{Enter}');

        expect(await screen.findByText('ended; marks and signatures stay')).toBeTruthy();
        expect(sent.filter((one) => one.method === 'DELETE').map((one) => one.path)).toEqual(['/api/people/3', '/api/people/3']);
    });

    it('says at the form that the last lead stays, and keeps what was chosen', async () => {
        answering(({ method }) =>
            method === 'PUT' ? [403, refusal('last-lead', 'Marsali Teague is the only lead of the studio.')] : [200, []],
        );
        people([marsali]);
        await userEvent.click(screen.getByRole('button', { name: 'Change Marsali Teague' }));
        expect(screen.queryByRole('button', { name: 'End the account' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Change the role' }));

        expect((await screen.findByRole('alert')).textContent).toContain('the only lead');
        expect(screen.getByRole('form', { name: 'Change Marsali Teague' })).toBeTruthy();
    });

    it.each([
        ['not-set-up', 'Send this link to them.'],
        ['sent', 'Mailed to senara@kittiwake.example.'],
        ['failed', 'The mail server did not take the mail to senara@kittiwake.example. The invitation stands.'],
    ])('shows the link of an invitation, and says whether it was mailed: %s', async (mailed, words) => {
        const link = 'http://localhost/join/abc';
        const sent = answering(() => [201, { open: [], link, mailed }]);
        people([marsali]);
        await userEvent.click(screen.getByRole('button', { name: 'Invite somebody' }));
        await userEvent.type(await screen.findByLabelText('Name'), 'Senara Bolitho');
        await userEvent.type(screen.getByLabelText('E-mail'), 'senara@kittiwake.example');
        await userEvent.click(screen.getByRole('button', { name: 'Make the link' }));

        expect(await screen.findByLabelText('Link of the invitation')).toHaveProperty('value', link);
        expect(screen.getByRole('complementary', { name: 'Invite somebody' }).textContent).toContain(words);
        expect(sent[0]?.body).toMatchObject({ name: 'Senara Bolitho', role: 'painter' });
    });

    it('withdraws an invitation', async () => {
        const invited = {
            id: 8,
            name: 'Senara Bolitho',
            email: 'senara@kittiwake.example',
            role: 'painter' as const,
            signing_rank: null,
            by: 'Marsali Teague',
            expires_at: '2026-12-05T10:00:00Z',
        };
        const sent = answering(() => [200, { open: [], link: null, mailed: null }]);
        people([marsali], {}, [invited]);
        expect(screen.getByText(/Senara Bolitho is invited as painter/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Withdraw it' }));
        await waitFor(() => expect(screen.queryByText(/Senara Bolitho/)).toBeNull());
        expect(sent[0]).toMatchObject({ method: 'DELETE', path: '/api/invitations/8' });
    });

    it('clears a painter for a technique, the others as they were', async () => {
        const clearances = (upTo: number | null): Schemas['PersonClearances'] => ({
            id: 3,
            name: 'Isla Coade',
            version: 4,
            tiers: [
                { rank: 1, name: 'Watch' },
                { rank: 2, name: 'Guard' },
            ],
            techniques: [
                {
                    technique: 'base',
                    name: 'Base coat',
                    group: 'lay',
                    up_to_rank: 2,
                    by: 'Marsali Teague',
                    at: null,
                    signed: [
                        { tier: 'Guard', figures: 2 },
                        { tier: 'Muster', figures: 1 },
                    ],
                },
                { technique: 'freehand', name: 'Freehand', group: 'detail', up_to_rank: upTo, by: '', at: null, signed: [] },
            ],
        });
        const sent = answering(({ method, path }) => [
            200,
            path === '/api/people' ? [marsali, colleague({ version: 5 })] : clearances(method === 'PUT' ? 1 : null),
        ]);
        people([marsali, colleague()]);
        await userEvent.click(screen.getByRole('button', { name: 'Clearances of Isla Coade' }));
        expect(await screen.findByText('signed: 2 figures at Guard, 1 figure at Muster')).toBeTruthy();
        await userEvent.click(await screen.findByLabelText('Freehand: cleared up to'));
        await userEvent.click(await screen.findByTitle('up to Watch'));

        await waitFor(() => expect(sent.some((one) => one.method === 'PUT')).toBe(true));
        expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
            version: 4,
            clearances: [
                { technique: 'base', up_to_rank: 2 },
                { technique: 'freehand', up_to_rank: 1 },
            ],
        });
    });
});

describe('figure types', () => {
    const standards = [
        { id: 8, state: 'draft' },
        { id: 7, state: 'in-force' },
    ];
    const sheet = {
        surfaces: [
            { key: 'whole', name: 'Whole' },
            { key: 'cloth', name: 'Cloth' },
            { key: 'rim', name: 'Rim' },
        ],
    };
    const type: Schemas['FigureType'] = {
        id: 5,
        key: 'ferrywoman',
        name: 'Ferrywoman',
        size_class: 'foot',
        size: 'on foot',
        retired: false,
        version: 2,
        without_neighbours: 1,
        areas: [{ name: 'coat', surface: 'cloth', share: 1, focal: true, features: [{ feature: 'button', pieces: 4 }] }],
    };
    const list = (as: Parameters<typeof session>[0], rows: Schemas['FigureType'][]) =>
        render(<FigureTypes />, [
            [['session'], session(as)],
            [figureTypesOptions().queryKey, rows],
        ]);
    const page = (known: [readonly unknown[], unknown][]) => render(<FigureTypePage />, [[['session'], session({})], ...known]);

    it('are taken down of what the standard in force names', async () => {
        const sent = answering(() => [201, { id: 9, areas: [] }], {
            '/outline': { areas: [], usual: [], without_neighbours: [] },
        });
        page([
            [['standards'], standards],
            [['standards', 7, 'sheet'], sheet],
        ]);
        await userEvent.type(screen.getByLabelText('Name', { selector: 'input' }), 'Ferrywoman');
        await userEvent.click(screen.getByRole('button', { name: 'Add an area' }));
        expect(document.activeElement).toBe(screen.getAllByLabelText('Name')[1]);
        await userEvent.keyboard('coat');
        await userEvent.click(screen.getByRole('button', { name: 'Make it' }));
        await waitFor(() =>
            expect(sent.find(({ path }) => path === '/api/figure-types')?.body).toMatchObject({
                name: 'Ferrywoman',
                areas: [{ name: 'coat', surface: '', weight: 'medium' }],
            }),
        );
    });

    it('wait for a standard, which names what an area is made of', () => {
        page([[['standards'], []]]);
        expect(screen.getByRole('link', { name: 'begin a standard' }).getAttribute('href')).toBe('/standard');
        expect(screen.queryByLabelText('Name')).toBeNull();
    });

    it('say of how many areas nothing is known, and are retired by the lead', async () => {
        const sent = answering(({ method }) => [200, method === 'GET' ? [type] : {}]);
        list({}, [type]);
        expect(screen.getByText('1 area of which nobody has said what they touch')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Another like it: Ferrywoman' }).getAttribute('href')).toBe(
            '/studio/figure-types/new?like=5',
        );
        await userEvent.click(screen.getByRole('button', { name: 'Retire: Ferrywoman' }));
        await waitFor(() => expect(sent[0]).toMatchObject({ method: 'PUT', body: { version: 2, retired: true } }));
    });

    it('are made and retired by nobody else', () => {
        list({ role: 'painter' }, [{ ...type, retired: true }]);
        expect(screen.getByRole('link', { name: 'Ferrywoman' })).toBeTruthy();
        expect(screen.queryByRole('button')).toBeNull();
        expect(screen.queryByRole('link', { name: 'Take one down' })).toBeNull();
    });
});
