import type { Schemas } from '@api';
import { QuickType } from '@features/figureTypes';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { grid, group, job, laid, layers, signedIn, unit } from '@testing/madeGrid';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useLocation } from 'react-router';
import { describe, expect, it, vi } from 'vitest';
import { AreaSide } from './components/AreaSide';
import { ChangeJob } from './components/ChangeJob';
import { FiguresSide } from './components/FiguresSide';
import { Grid } from './components/Grid';
import { JobsPage } from './JobsPage';

describe('the grid', () => {
    it('says in words what each cell does, and shows silence as a question', () => {
        render(<Grid grid={grid([unit()])} job={job} />, signedIn);
        expect(screen.getByRole('button', { name: 'coat: Base coat 2 coats, then Wash' })).toBeTruthy();
        expect(screen.getByRole('button', { name: 'badge: undecided' }).textContent).toBe('?');
    });

    it('has a column for each surface that some figure has, and none for others', () => {
        render(<Grid grid={grid([unit()])} job={job} />, signedIn);
        expect(
            screen
                .getAllByRole('columnheader')
                .map((head) => head.getAttribute('title'))
                .filter(Boolean),
        ).toEqual(['Cloth', 'Marking']);
    });

    it('puts the unit before those of it that are painted otherwise', () => {
        const leader = group({
            key: '1-b',
            tier: 'guard',
            figures: [
                { ...group().figures[0], id: 9, number: 1, leader: true, own_tier: true, tier: 'guard' } as Schemas['GridFigure'],
            ],
        });
        render(<Grid grid={grid([unit({ groups: [leader, group()] })])} job={job} />, signedIn);
        const names = screen.getAllByRole('rowheader').map((head) => head.textContent);
        expect(names[0]).toContain('Lamplighters');
        expect(names[1]).toContain('leader');
    });

    it('shows which scheme the figures have that alternate, and one row of them as the unit', () => {
        const schemes = [
            { id: 1, name: 'Port Ember', common: true },
            { id: 2, name: 'White shields', common: false },
        ];
        const white = group({ key: '1-b' });
        white.figures = white.figures.map((figure) => ({ ...figure, id: figure.id + 10, scheme: 2, own_scheme: true }));
        render(<Grid grid={grid([unit({ groups: [group(), white] })])} job={{ ...job, schemes }} />, signedIn);
        expect(screen.getAllByText('White shields')).toHaveLength(1);
        expect(screen.getAllByText('Lamplighters')).toHaveLength(1);
    });

    it('gives schemes in turn, and one figure its own', async () => {
        const schemes = [
            { id: 1, name: 'Port Ember', common: true },
            { id: 2, name: 'White shields', common: false },
        ];
        const sent = answering(() => [200, grid([unit()])]);
        render(
            <FiguresSide units={[]} job={{ ...job, schemes }} unit={unit()} group={group()} onClose={() => undefined} />,
            signedIn,
        );
        await userEvent.click(screen.getByLabelText('Schemes in turn'));
        await userEvent.click((await screen.findAllByTitle('Port Ember')).at(-1) as HTMLElement);
        await userEvent.click(await screen.findByTitle('White shields'));
        await userEvent.click(screen.getByRole('button', { name: 'Give them in turn' }));
        await waitFor(() => expect(sent.filter((one) => one.method === 'PATCH')).toHaveLength(1));
        expect(sent.find((one) => one.method === 'PATCH')).toMatchObject({
            body: { schemes: [1, 2], figures: [{ id: 1 }, { id: 2 }] },
        });
    });

    it('offers no retired tier', async () => {
        render(<Grid grid={grid([unit()])} job={job} />, signedIn);
        await userEvent.click(screen.getByRole('combobox', { name: 'Tier of Lamplighters' }));
        const offered = (await screen.findAllByRole('option')).map((option) => option.textContent);
        expect(offered).not.toContain('Drill');
    });
});

describe('one area', () => {
    const answered = (answer: Parameters<typeof answering>[0]) => answering(answer, { '/layers': layers() });
    const shown = (change: Partial<Schemas['AreaLayers']> = {}, resting: string[] = [], who = signedIn) =>
        render(<AreaSide job={job} unit={unit()} group={group({ resting })} area="coat" onClose={() => undefined} />, [
            ...who,
            [['jobs', 1, 'layers', 1, 'coat'], layers(change)],
        ]);

    it('lists its layers from the top down', () => {
        shown();
        const laidThere = within(screen.getByRole('list', { name: 'Layers, from the top down' })).getAllByRole('listitem');
        expect(laidThere.map((layer) => layer.querySelector('b')?.textContent)).toEqual(['Wash', 'Base coat']);
    });

    it('leaves a use out only with a reason', async () => {
        const sent = answered(() => [200, grid([unit()])]);
        shown();
        await userEvent.click(screen.getByRole('button', { name: 'Leave out Wash' }));
        await userEvent.click(screen.getByRole('button', { name: 'Leave out' }));
        expect(screen.getByRole('alert').textContent).toContain('the reason stays on record');
        expect(sent).toHaveLength(0);
        await userEvent.type(screen.getByLabelText('Why'), 'kept clean');
        await userEvent.click(screen.getByRole('button', { name: 'Leave out' }));
        await waitFor(() =>
            expect(sent[0]?.body).toEqual({
                version: 7,
                figures: null,
                area: 'coat',
                use: 'shade',
                reason: 'kept clean',
                agreed_with: '',
                price: null,
            }),
        );
    });

    it('shows what rests, and who agreed to what is left out', () => {
        const waived = laid({
            id: 'shade',
            name: 'Wash',
            waiver: {
                id: 3,
                reason: 'kept clean',
                agreed_with: 'the client',
                by: 'Marsali Teague',
                whole_unit: true,
                price: null,
            },
        });
        shown({ uses: [laid(), waived] }, ['hat: "layer" left out (agreed)']);
        expect(screen.getByText(/kept clean Agreed with the client\. Marsali Teague, for the unit\./)).toBeTruthy();
        expect(screen.getByText('hat: "layer" left out (agreed)')).toBeTruthy();
    });

    it('adds a layer of another tier with its reason and price, and says what judges it', async () => {
        const line: Schemas['FurtherUse'] = {
            tier: 'guard',
            tier_name: 'Guard',
            use: 'edge',
            name: 'Edge line',
            degree: 'upper parts only',
            minutes: 4,
            judged_by: ['Lines are thin and even.'],
        };
        const sent = answered(({ path }) => (path.includes('further-uses') ? [200, { uses: [line] }] : [200, grid([unit()])]));
        shown();
        await userEvent.click(screen.getByRole('button', { name: 'Add a layer of another tier…' }));
        await userEvent.click(await screen.findByLabelText('Layer of another tier'));
        await userEvent.click(await screen.findByTitle('Edge line, upper parts only · 4 min'));
        expect(screen.getByText(/Judged by: Lines are thin and even\./)).toBeTruthy();

        await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
        expect(screen.getByRole('alert').textContent).toBe('Say why it is added; the reason stays on record.');
        await userEvent.type(screen.getByLabelText('Why'), 'read from the far side');
        await userEvent.type(screen.getByLabelText('Price of a figure, EUR'), '1,50');
        await userEvent.click(screen.getByRole('button', { name: 'Add it' }));
        await waitFor(() =>
            expect(sent.at(-1)).toMatchObject({
                path: '/api/units/4/additions',
                body: {
                    version: 7,
                    figures: null,
                    area: 'coat',
                    tier: 'guard',
                    use: 'edge',
                    reason: 'read from the far side',
                    price: 150,
                },
            }),
        );
    });

    it('says what was added, at what price, and takes it off again', async () => {
        const sent = answered(() => [200, grid([unit()])]);
        const agreed = { id: 5, reason: 'for the display', agreed_with: 'the client', by: 'Marsali Teague', whole_unit: false };
        const uses = [laid(), laid({ id: 'edge', name: 'Edge line', from: 'guard', addition: { ...agreed, price: 150 } })];
        shown({ uses });
        expect(
            screen.getByText(
                /Added, of Guard\. for the display Agreed with the client\. €1\.50 a figure\. Marsali Teague, for these 2 figures\./,
            ),
        ).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Leave out Edge line' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Take it off again' }));
        await waitFor(() => expect(sent[0]?.path).toBe('/api/variations/5/taking-back'));
    });

    it('says that nothing of one’s own was stored when somebody else was first', async () => {
        answered(({ method }) =>
            method === 'POST' ? [409, refusal('stale', 'Somebody else changed the unit.')] : [200, grid([unit()])],
        );
        const waived = laid({
            waiver: { id: 3, reason: 'kept clean', agreed_with: '', by: 'Marsali Teague', whole_unit: true, price: null },
        });
        shown({ uses: [waived] });
        await userEvent.click(screen.getByRole('button', { name: 'Ask for it again' }));
        expect(await screen.findByText(/yours was not stored/)).toBeTruthy();
    });

    it('holds to another school than its surface where somebody says so', async () => {
        const sent = answered(() => [200, grid([unit()])]);
        const metals: Schemas['AreaSchool'] = {
            question: 'metals',
            name: 'Metals',
            own: null,
            wider: 'first',
            choices: [
                { id: 'first', name: 'first', for: 'mistakes are cheap' },
                { id: 'last', name: 'last', for: 'metal keeps its shine' },
            ],
        };
        shown({ schools: [metals] });
        expect(screen.getByText('as its surface (first)')).toBeTruthy();
        await userEvent.click(screen.getByLabelText('Metals, on this area'));
        await userEvent.click(await screen.findByTitle('last: metal keeps its shine'));
        await waitFor(() =>
            expect(sent[0]).toMatchObject({
                path: '/api/units/4/area-schools',
                body: { figures: null, area: 'coat', question: 'metals', choice: 'last' },
            }),
        );
    });

    it('can only be read by who is not the lead', () => {
        shown({}, [], [[['session'], session({ role: 'painter' })]]);
        expect(screen.queryByRole('button', { name: 'Leave out Wash' })).toBeNull();
    });
});

describe('the quick form', () => {
    it('begins with ground and rim, small, and sends what was said', async () => {
        const sent = answering(() => [201, {}]);
        render(
            <QuickType
                name="Bosun"
                deed="Make it and read the roster again"
                surfaces={[...job.surfaces, { key: 'ground', name: 'Ground' }, { key: 'rim', name: 'Rim' }]}
                onMade={() => undefined}
            />,
        );
        await userEvent.type(screen.getAllByLabelText('Area')[0] as HTMLElement, 'coat');
        await userEvent.click(screen.getByRole('button', { name: 'Make it and read the roster again' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).toMatchObject({
            name: 'Bosun',
            size_class: 'foot',
            areas: [
                { name: 'coat', surface: 'cloth', weight: 'large', focal: false },
                { name: 'ground', surface: 'ground', weight: 'small' },
                { name: 'rim', surface: 'rim', weight: 'small' },
            ],
        });
    });

    it('sends nothing while an area has no name', async () => {
        const sent = answering(() => [201, {}]);
        render(
            <QuickType name="Bosun" deed="Make it and read the roster again" surfaces={job.surfaces} onMade={() => undefined} />,
        );
        await userEvent.click(screen.getByRole('button', { name: 'Make it and read the roster again' }));
        expect(await screen.findByText('A name.')).toBeTruthy();
        expect(sent).toHaveLength(0);
    });
});

describe('what the quick form is refused', () => {
    const problem = (path: string, message: string) => ({ path, message });
    const refused = (problems: { path: string; message: string }[]) =>
        answering(() => [422, refusal('invalid', problems[0]?.message ?? '', problems[0]?.path, problems)]);
    const make = async () => {
        render(<QuickType name="Bosun" deed="Make it" surfaces={job.surfaces} onMade={() => undefined} />);
        await userEvent.type(screen.getAllByLabelText('Area')[0] as HTMLElement, 'coat');
        await userEvent.click(screen.getByRole('button', { name: 'Make it' }));
    };

    it('stands at the field that it is about, and nowhere else', async () => {
        refused([problem('/areas/0/name', 'Another area has this name; give each its own.')]);
        await make();
        expect(await screen.findAllByText(/Another area has this name/)).toHaveLength(1);
        expect(screen.getAllByLabelText('Area')[0]?.getAttribute('aria-invalid')).toBe('true');
    });

    it('stands below where it is about no field', async () => {
        refused([problem('/areas', 'A figure type has at most 40 areas.')]);
        await make();
        expect((await screen.findByRole('alert')).textContent).toContain('at most 40 areas');
    });
});

describe('what is typed and not stored yet', () => {
    const surfaces = [{ key: 'cloth', name: 'Cloth' }];
    const forms = (
        <>
            <QuickType name="Sea troll" deed="Make it" surfaces={surfaces} onMade={() => undefined} />
            <QuickType name="Harbour dog" deed="Make it" surfaces={surfaces} onMade={() => undefined} />
        </>
    );

    it('is there again when the page is, each form for itself, until it is stored', async () => {
        answering(() => [201, {}]);
        const first = render(forms, signedIn);
        const troll = screen.getByRole('region', { name: /Sea troll/ });
        await userEvent.type(within(troll).getAllByLabelText('Area')[0] as HTMLElement, 'hide');
        first.unmount();

        render(forms, signedIn);
        const again = screen.getByRole('region', { name: /Sea troll/ });
        const dog = screen.getByRole('region', { name: /Harbour dog/ });
        expect(within(again).getAllByLabelText<HTMLInputElement>('Area')[0]?.value).toBe('hide');
        expect(within(dog).getAllByLabelText<HTMLInputElement>('Area')[0]?.value).toBe('');
        await userEvent.click(within(again).getByRole('button', { name: /Make it/ }));
        await waitFor(() => expect(sessionStorage).toHaveLength(0));
    });

    it('has no id twice', () => {
        const { container } = render(forms, signedIn);
        const ids = Array.from(container.querySelectorAll('[id]'), (one) => one.id);
        expect(new Set(ids).size).toBe(ids.length);
    });

    it('leaves the open panel in the address, and goes with it', async () => {
        const Address = () => <output>{useLocation().search}</output>;
        const { container } = render(
            <>
                <Grid grid={grid([unit()])} job={job} />
                <Address />
            </>,
            signedIn,
        );
        await userEvent.click(screen.getByRole('button', { name: /base coat/i }));
        await waitFor(() => expect(container.querySelector('output')?.textContent).toBe('?unit=4&figure=1&area=coat'));
        expect(screen.getByText(/^coat · /)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Close' }));
        await waitFor(() => expect(container.querySelector('output')?.textContent).toBe(''));
    });
});

describe('what was taken', () => {
    it('is changed: a job is called otherwise, and closed', async () => {
        const sent = answering(() => [200, { ...job, name: 'Guard' }]);
        const left = vi.fn();
        const { unmount } = render(<ChangeJob job={job} onClose={left} />, signedIn);
        await userEvent.clear(screen.getByLabelText('Name'));
        await userEvent.type(screen.getByLabelText('Name'), 'Guard');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        await waitFor(() => expect(left).toHaveBeenCalled());
        expect(sent[0]).toMatchObject({
            method: 'PUT',
            body: { name: 'Guard', client: job.client, force: job.force, notes: '', due: job.due, state: 'open' },
        });
        unmount();
        render(<ChangeJob job={job} onClose={left} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Close the job' }));
        await waitFor(() => expect(sent.filter((one) => one.method === 'PUT').at(-1)?.body).toMatchObject({ state: 'closed' }));
    });

    it('goes into the archive once it is closed, and out of it', async () => {
        const sent = answering(() => [200, job]);
        const states = () => sent.filter((one) => one.method === 'PUT').map((one) => one.body);
        const { unmount } = render(<ChangeJob job={{ ...job, state: 'closed' }} onClose={vi.fn()} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Archive it' }));
        await waitFor(() => expect(states()).toMatchObject([{ state: 'archived' }]));
        unmount();
        render(<ChangeJob job={{ ...job, state: 'archived' }} onClose={vi.fn()} />, signedIn);
        expect(screen.queryByRole('button', { name: 'Archive it' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Out of the archive' }));
        await waitFor(() => expect(states()).toMatchObject([{ state: 'archived' }, { state: 'closed' }]));
    });

    it('says at the field what is refused, and keeps what was typed', async () => {
        answering(({ method }) =>
            method === 'PUT'
                ? [
                      422,
                      refusal('job-exists', 'There is a job “Guard” already.', '/name', [
                          { path: '/name', message: 'There is a job “Guard” already.' },
                      ]),
                  ]
                : [200, job],
        );
        render(<ChangeJob job={job} onClose={() => undefined} />, signedIn);
        await userEvent.type(screen.getByLabelText('Name'), ' twice');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the change' }));
        expect((await screen.findAllByText(/There is a job “Guard” already/)).length).toBeGreaterThan(0);
        expect(screen.getByLabelText('Name')).toHaveProperty('value', `${job.name} twice`);
    });

    it('is deleted only after it was asked about, and says why it stays', async () => {
        const sent = answering(({ method }) =>
            method === 'DELETE' ? [403, refusal('worked-on', 'Figure 2 of Lamplighters was worked on.')] : [200, job],
        );
        render(<ChangeJob job={job} onClose={() => undefined} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Delete the job…' }));
        expect(sent).toEqual([]);
        await userEvent.click(await screen.findByRole('button', { name: 'Delete it' }));
        expect(await screen.findByText(/Figure 2 of Lamplighters was worked on/)).toBeTruthy();
        expect(sent[0]).toMatchObject({ method: 'DELETE', path: '/api/jobs/1' });
    });

    it('is changed: a unit has another name, more figures, and without those that nothing happened to', async () => {
        const sent = answering(() => [200, grid([unit()])]);
        const untouched = group().figures.map((figure) => ({ ...figure, state: 'to-paint' as const }));
        render(
            <FiguresSide units={[]} job={job} unit={unit()} group={group({ figures: untouched })} onClose={() => undefined} />,
            signedIn,
        );
        await userEvent.click(screen.getByRole('button', { name: 'Change the unit' }));
        await userEvent.type(screen.getByLabelText('Name'), ' of the mole');
        await userEvent.click(screen.getByRole('button', { name: 'Keep name and note' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ name: 'Lamplighters of the mole' }),
        );
        await userEvent.click(screen.getByRole('button', { name: 'Add 1 figure' }));
        await waitFor(() => expect(sent.some((one) => one.path === '/api/units/4/figures')).toBe(true));
        const away = screen.getByRole('group', { name: 'Figures that are taken away' });
        await userEvent.click(within(away).getByRole('button', { name: 'Figure 1' }));
        await userEvent.click(screen.getByRole('button', { name: 'Take 1 figure away' }));
        await waitFor(() =>
            expect(sent.find((one) => one.path === '/api/units/4/removals')?.body).toEqual({ version: 7, figures: [1] }),
        );
    });

    it('is changed: a figure has a name, and figures are of another type', async () => {
        const sent = answering(() => [200, grid([unit()])]);
        const types = [{ id: 3, key: 'diver', name: 'Tide diver', retired: false }];
        const untouched = group().figures.map((figure) => ({ ...figure, state: 'to-paint' as const }));
        render(
            <FiguresSide units={[]} job={job} unit={unit()} group={group({ figures: untouched })} onClose={() => undefined} />,
            [...signedIn, [['figure-types'], types]],
        );
        await userEvent.click(screen.getByRole('button', { name: 'Change the unit' }));
        await userEvent.type(screen.getByLabelText('Name of figure 1'), 'Anka');
        await userEvent.click(screen.getByRole('button', { name: 'Keep the name' }));
        await waitFor(() =>
            expect(sent.find((one) => one.path === '/api/figures/1/name')?.body).toEqual({ version: 1, name: 'Anka' }),
        );
        await userEvent.click(screen.getByRole('combobox', { name: 'Are of another type' }));
        await userEvent.click(await screen.findByText('Tide diver', { selector: '.ant-select-item-option-content' }));
        await userEvent.click(screen.getByRole('button', { name: 'All of Lamplighters' }));
        await waitFor(() =>
            expect(sent.find((one) => one.path === '/api/units/4/type')?.body).toEqual({
                version: 7,
                figures: null,
                figure_type: 'diver',
            }),
        );
    });
});

describe('the list of jobs', () => {
    const summary = (state: Schemas['JobSummary']['state']): Schemas['JobSummary'] => ({
        ...{ id: 1, name: `A job that is ${state}`, client: 'The harbour office', due: null, days_left: null, late: false },
        ...{ figures: 2, signed: 0, states: [], state },
    });

    it('has those that are open, then those that are closed; those of the archive apart', async () => {
        answering(() => [200, [summary('archived')]]);
        render(<JobsPage />, [...signedIn, [['jobs'], [summary('open'), summary('closed')]]]);
        expect(screen.getAllByRole('table')).toHaveLength(2);
        await userEvent.click(screen.getByRole('link', { name: 'Archived jobs' }));
        expect(await screen.findByRole('link', { name: 'A job that is archived' })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Book a job' })).toBeNull();
        await userEvent.click(screen.getByRole('link', { name: 'Back to the jobs' }));
        expect(await screen.findByRole('link', { name: 'A job that is open' })).toBeTruthy();
    });

    it('says of an empty archive what goes there', async () => {
        answering(() => [200, []]);
        render(<JobsPage />, [...signedIn, [['jobs'], []]]);
        await userEvent.click(screen.getByRole('link', { name: 'Archived jobs' }));
        expect(await screen.findByText(/^The archive is empty/)).toBeTruthy();
    });
});
