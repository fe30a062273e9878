import type { Schemas } from '@api';
import { refusal } from '@testing/api';
import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { HandOver } from './components/HandOver';
import { OpenMishaps } from './components/OpenMishaps';

const kinds: Schemas['MishapKind'][] = [
    { kind: 'pool', name: 'pool', looks: 'a wash stands too dark' },
    { kind: 'broken', name: 'broken or loose', looks: 'a part came off' },
];

const repair: Schemas['Repair'] = {
    layers: [
        { layer: 'wash', title: 'All-over wash' },
        { layer: '', title: 'foreign paint on top' },
    ],
    in: 'wash',
    share: 0.1,
    steps: [{ layer: 'base', title: 'Base coat', degree: '2 coats', minutes: 0.4, mixes: [] }],
    minutes: 0.4,
    why: { inputs: [], rule: 'From the nearest hiding layer.', source: 'common practice, no source' },
    first: 'Still wet: draw it off with a damp brush.',
    instead: null,
    risk: null,
    caution: 'Never point a brush with the lips.',
};

const cached: [readonly unknown[], unknown][] = [
    [['session'], session()],
    [['bench', 'mishap-kinds'], kinds],
];

const pool: Schemas['SheetMishap'] = {
    id: 9,
    figure_id: 20,
    number: 2,
    area: 'coat',
    kind: 'pool',
    name: 'pool',
    layer: 'wash',
    share: 0.1,
    note: 'at the hem',
    by: 'Isla Coade',
    at: null,
};

describe('a mishap at the bench', () => {
    const answer = () => answeringBench(({ method }) => [200, method === 'GET' ? repair : sheet()]);
    const open = async () => {
        render(<Hand row={row(step())} />, cached);
        await userEvent.click(screen.getByRole('button', { name: 'Mishap…' }));
        await userEvent.click(screen.getByRole('button', { name: 'pool' }));
    };

    it('says what is done while it is fresh and what is laid again, and is told with it', async () => {
        const sent = answer();
        await open();
        expect(await screen.findByText('Still wet: draw it off with a damp brush.')).toBeTruthy();
        expect(screen.getByText(/0.4 min with the brush/)).toBeTruthy();
        await userEvent.type(screen.getByLabelText('In words, if it matters'), 'at the hem');
        await userEvent.click(screen.getByRole('button', { name: 'Add it to the sheet' }));
        await waitFor(() => expect(sent.find((one) => one.method === 'POST')).toBeTruthy());
        expect(sent.find((one) => one.method === 'POST')).toMatchObject({
            path: '/api/figures/20/mishaps',
            body: { area: 'coat', kind: 'pool', layer: null, share: 0.1, note: 'at the hem', lifted: false },
        });
        await waitFor(() => expect(screen.queryByRole('button', { name: 'Add it to the sheet' })).toBeNull());
    });

    it('that came off is told as that', async () => {
        const sent = answer();
        await open();
        await userEvent.click(await screen.findByRole('button', { name: 'It came off' }));
        await waitFor(() => expect(sent.find((one) => one.method === 'POST')?.body).toMatchObject({ lifted: true }));
    });

    it('where nothing is painted yet says so and keeps what was chosen', async () => {
        answeringBench(() => [
            422,
            refusal('no-layers', 'Nothing is marked as painted on "coat" yet: wipe it off and go on.', '/area'),
        ]);
        await open();
        expect(await screen.findByText(/wipe it off and go on/)).toBeTruthy();
        expect(screen.getByRole('button', { name: 'pool' }).getAttribute('aria-pressed')).toBe('true');
    });

    it('waits on the sheet with what is laid again until it is mended', async () => {
        const sent = answer();
        render(<OpenMishaps sheet={sheet({ mishaps: [pool] })} />, cached);
        expect(screen.getByRole('heading', { name: 'Figure 2, coat: pool' })).toBeTruthy();
        expect(await screen.findByText('Base coat')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Mended: pool, figure 2, coat' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'POST')).toMatchObject({
                path: '/api/mishaps/9/end',
                body: { ended: 'mended' },
            }),
        );
    });

    it('is counted where figures are handed over', () => {
        render(<HandOver sheet={sheet({ mishaps: [pool] })} />, cached);
        expect(screen.getByText('1 left, 1 to mend')).toBeTruthy();
        expect(screen.getByText('1 left')).toBeTruthy();
    });
});
