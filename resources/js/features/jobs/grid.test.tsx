import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { grid, group, job, layers, NO_QUESTIONS, signedIn, unit } from '@testing/madeGrid';
import { render } from '@testing/render';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { AreaSide } from './components/AreaSide';
import { FiguresSide } from './components/FiguresSide';
import { Grid } from './components/Grid';
import { Questions } from './components/Questions';
import { LastChange } from './components/LastChange';
import { asTable, readPasted } from './pasted';
import { found, isAsUnit, nameOf, rowsOf } from './rows';
import { useAssign } from './useAssign';

const figure = group().figures[0] as Schemas['GridFigure'];
const leader = group({
    key: '1-b',
    tier: 'guard',
    figures: [{ ...figure, id: 9, number: 3, leader: true, own_tier: true, tier: 'guard', version: 5 }],
});
const two = () =>
    grid([
        unit({ count: 3, groups: [leader, group()] }),
        unit({ id: 5, name: 'Divers', version: 2, type: 'Diver', groups: [group({ type: 'Diver' })] }),
    ]);

function shown() {
    const sent = answering(({ path }) => [200, path.endsWith('/changes') ? noChanges : two()]);
    render(<Grid grid={two()} job={job} />, signedIn);
    return () => sent.filter((one) => one.method === 'PATCH').map((one) => ({ path: one.path, body: one.body }));
}

const noChanges = { changes: [], page: 1, pages: 1, all: 0 };
const asUnit = { unit: 4, version: 7, figures: null };
const asLeader = { unit: 4, version: 7, figures: [{ id: 9, version: 5 }] };
const asDivers = { unit: 5, version: 2, figures: null };

describe('rows of the grid', () => {
    it('stand with the unit first, and are found by all of the words', () => {
        const rows = rowsOf(two());
        expect(rows.map(nameOf)).toEqual(['Lamplighters', 'Lamplighters, leader', 'Divers']);
        expect(found(rows, 'lamp GUARD', job.tiers).map(nameOf)).toEqual(['Lamplighters, leader']);
        expect(found(rows, 'diver', job.tiers).map(nameOf)).toEqual(['Divers']);
        expect(found(rows, 'nobody gilded', job.tiers)).toEqual([]);
    });

    it('name the type of those that are of another than their unit', () => {
        const figures = group().figures.map((one) => ({ ...one, id: one.id + 20, number: one.number + 4 }));
        const divers = group({
            key: '1-c',
            type: 'Tide diver',
            type_id: 8,
            figures: [...figures, { ...figure, id: 29, number: 7 }],
        });
        const rows = rowsOf(grid([unit({ groups: [divers, group()] })]));
        expect(rows.map(nameOf)).toEqual(['Lamplighters', 'Lamplighters, Tide diver, figures 5, 6, 7']);
        expect(found(rows, 'tide diver', job.tiers)).toHaveLength(1);
        expect(asTable(rows, job)).toContain('\tTide diver\t3\t');
    });

    it('say of a figure what is as on its unit', () => {
        const changed = { ...leader, cells: ['coat, plain', 'badge'] };
        const row = rowsOf(grid([unit({ groups: [group(), changed] })])).find((one) => !one.itself);
        expect(row && row.cells.map((cell) => isAsUnit(row, cell))).toEqual([false, true]);
    });

    it('go to a spreadsheet with a head and a line each', () => {
        expect(asTable(rowsOf(two()), job).split('\n')).toEqual([
            'unit\ttype\tfigures\ttier\tpainter\teach\tall',
            'Lamplighters\tLamplighter\t2\tMuster\tnobody\t32 min\t1 h 04',
            'Lamplighters, leader\tLamplighter\t1\tGuard\tnobody\t32 min\t1 h 04',
            'Divers\tDiver\t2\tMuster\tnobody\t32 min\t1 h 04',
        ]);
    });

    it('take from one a line each, or one line for all, and say what they do not know', () => {
        const rows = rowsOf(two());
        const names = { tiers: job.tiers, people: [{ id: 3, name: 'Isla Coade' }] };
        expect(readPasted('guard\tIsla Coade\r\n\tnobody\n', rows, names)).toEqual({
            rows: [
                { ...asUnit, tier: 'guard', painter_id: 3 },
                { ...asLeader, painter_id: null },
            ],
            unknown: [],
            over: 0,
        });
        expect(readPasted('Guard', rows, names).rows).toHaveLength(3);
        expect(readPasted('Drill\nGilded', rows, names)).toMatchObject({ rows: [], unknown: ['Drill', 'Gilded'] });
        expect(readPasted('Guard\nGuard\nGuard\nGuard', rows, names).over).toBe(1);
    });
});

describe('rows chosen together', () => {
    it('are raised from where each stands, as they were read', async () => {
        const sent = shown();
        await userEvent.click(screen.getByRole('button', { name: 'Choose Divers' }));
        await userEvent.click(screen.getByRole('button', { name: 'Choose Lamplighters, leader' }));
        expect(screen.getByText('2 rows, 3 figures chosen')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Tier up' }));
        await waitFor(() => expect(sent()).toEqual([{ path: '/api/jobs/1/rows', body: { rows: [asLeader, asDivers], by: 1 } }]));
    });

    it('get one painter, or another tier of one area', async () => {
        const sent = shown();
        await userEvent.click(screen.getByRole('button', { name: 'Choose all' }));
        await userEvent.click(screen.getByRole('combobox', { name: 'Painter of what is chosen' }));
        await userEvent.click((await screen.findAllByTitle('Isla Coade')).at(-1) as HTMLElement);
        await waitFor(() => expect(sent().at(-1)?.body).toEqual({ rows: [asUnit, asLeader, asDivers], painter_id: 3 }));

        await userEvent.click(screen.getByRole('combobox', { name: 'Area of what is chosen' }));
        await userEvent.click(await screen.findByTitle('coat'));
        await userEvent.click(screen.getByRole('button', { name: 'Tier of coat down' }));
        await waitFor(() => expect(sent().at(-1)?.body).toEqual({ rows: [asUnit, asLeader, asDivers], by: -1, area: 'coat' }));
    });

    it('are chosen up to one with shift held, and leaders at once', async () => {
        shown();
        await userEvent.click(screen.getByRole('button', { name: 'Choose Lamplighters' }));
        fireEvent.click(screen.getByRole('button', { name: 'Choose Divers' }), { shiftKey: true });
        expect(screen.getByText('3 rows, 5 figures chosen')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Choose none' }));
        await userEvent.click(screen.getByRole('button', { name: 'Choose leaders' }));
        expect(screen.getByText('1 row, 1 figure chosen')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Choose none' }));
        expect(screen.queryByRole('button', { name: 'Choose showpieces' })).toBeNull();
    });

    it('are chosen where figures have a tier of their own and lead nobody', async () => {
        const own = group({ key: '1-c', tier: 'guard' });
        own.figures = own.figures.slice(0, 1).map((figure) => ({ ...figure, id: 77, own_tier: true, tier: 'guard' }));
        answering(() => [200, {}]);
        render(<Grid grid={grid([unit({ groups: [group(), own] })])} job={job} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Choose showpieces' }));
        expect(screen.getByText('1 row, 1 figure chosen')).toBeTruthy();
    });
});

describe('keys of the grid', () => {
    it('go from cell to cell and raise the area in hand', async () => {
        const sent = shown();
        screen.getByRole('button', { name: /^Lamplighters\s*2/ }).focus();
        await userEvent.keyboard('{ArrowRight}');
        expect(document.activeElement?.getAttribute('aria-label')).toBe('coat: Base coat 2 coats, then Wash');
        await userEvent.keyboard('{ArrowDown}');
        expect(document.activeElement?.closest('tr')?.dataset['row']).toBe('f9');
        await userEvent.keyboard('+');
        await waitFor(() => expect(sent()[0]?.body).toEqual({ rows: [asLeader], by: 1, area: 'coat' }));
    });

    it('choose rows, and do to all of them what is done to one', async () => {
        const sent = shown();
        screen.getByRole('button', { name: /^Lamplighters\s*2/ }).focus();
        await userEvent.keyboard('x{Shift>}{ArrowDown}{/Shift}-');
        await waitFor(() => expect(sent()[0]?.body).toEqual({ rows: [asUnit, asLeader], by: -1 }));
        await userEvent.keyboard('{Escape}');
        expect(screen.queryByText(/chosen$/)).toBeNull();
    });

    it('take a pasted line for the row in hand, and nothing where a word is unknown', async () => {
        const sent = shown();
        const name = screen.getByRole('button', { name: /^Divers\s*2/ });
        name.focus();
        fireEvent.paste(name, { clipboardData: { getData: () => 'Gilded' } });
        expect(await screen.findByText('Neither a tier nor a painter: Gilded. Nothing was changed.')).toBeTruthy();
        fireEvent.paste(name, { clipboardData: { getData: () => 'guard' } });
        await waitFor(() => expect(sent().map((one) => one.body)).toEqual([{ rows: [{ ...asDivers, tier: 'guard' }] }]));
    });
});

function Changes() {
    return <LastChange job={1} assign={useAssign(1)} />;
}

function Asked({ questions, mayAnswer = true }: { questions: Schemas['Grid']['questions']; mayAnswer?: boolean }) {
    return <Questions job={job} questions={questions} mayAnswer={mayAnswer} assign={useAssign(1)} />;
}

describe('questions to settle', () => {
    it('are a short list, each with its answers', async () => {
        const sent = answering(() => [200, two()]);
        render(<Asked questions={{ ...NO_QUESTIONS, silent: [{ tier: 'guard', surface: 'marking', figures: 13 }] }} />, signedIn);
        expect(screen.getByText('What does Guard ask of Marking? (13 figures)')).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Say it in the standard' }).getAttribute('href')).toBe('/standard');
        await userEvent.click(screen.getByRole('button', { name: 'Nothing, as agreed…' }));
        await userEvent.type(screen.getByLabelText('Agreed with'), 'the client');
        await userEvent.type(screen.getByLabelText('Why'), 'no badges');
        await userEvent.click(screen.getByRole('button', { name: 'Not asked for in this job' }));
        await waitFor(() =>
            expect(sent[0]).toMatchObject({
                path: '/api/jobs/1/silences',
                body: { tier: 'guard', surface: 'marking', reason: 'no badges', agreed_with: 'the client' },
            }),
        );
    });

    it('ask what the figures are for, and what the client wishes', async () => {
        const sent = answering(() => [200, job]);
        const choices = [
            {
                question: 'pools',
                name: 'Pools of a wash',
                surfaces: ['Leather', 'Wood'],
                figures: 13,
                choices: [
                    { choice: 'fault', name: 'a fault', for: 'skin, cloth, clean plate' },
                    { choice: 'wanted', name: 'wanted', for: 'dirty machines' },
                ],
            },
        ];
        render(<Asked questions={{ ...NO_QUESTIONS, purpose: true, choices }} />, signedIn);
        expect(screen.getByText('2 questions to settle before work.')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Displayed' }));
        await waitFor(() => expect(sent[0]).toMatchObject({ path: '/api/jobs/1', body: { version: 1, purpose: 'displayed' } }));
        expect(screen.getByText('Pools of a wash: what does the client wish? (13 figures: leather, wood)')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: /^wanted/ }));
        await userEvent.click(screen.getByRole('button', { name: /^As the studio likes/ }));
        await waitFor(() =>
            expect(sent.slice(1)).toMatchObject([
                { path: '/api/jobs/1/wishes', body: { version: 1, question: 'pools', choice: 'wanted' } },
                { path: '/api/jobs/1/wishes', body: { version: 1, question: 'pools', choice: null } },
            ]),
        );
    });

    it('ask what an area is of which nobody was sure', async () => {
        const sent = answering(() => [200, two()]);
        const unsure = [{ type_id: 4, type: 'Bosun', area: 'strap', surface: 'cloth', figures: 1 }];
        render(<Asked questions={{ ...NO_QUESTIONS, unsure }} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'It is Cloth' }));
        await userEvent.click(screen.getByRole('combobox', { name: 'What is “strap” of Bosun? Something else' }));
        await userEvent.click(await screen.findByTitle('Plate'));
        await waitFor(() =>
            expect(sent).toMatchObject([
                { path: '/api/jobs/1/figure-types/4/known-areas', body: { version: 1, area: 'strap', surface: 'cloth' } },
                { path: '/api/jobs/1/figure-types/4/known-areas', body: { version: 1, area: 'strap', surface: 'plate' } },
            ]),
        );
    });

    it('are told to who may not answer', () => {
        render(<Asked questions={{ ...NO_QUESTIONS, purpose: true }} mayAnswer={false} />, signedIn);
        expect(screen.getByText('Are the figures to be played with, or displayed?')).toBeTruthy();
        expect(screen.queryByRole('button')).toBeNull();
    });

    it('are not there where nothing is open', () => {
        const { container } = render(<Asked questions={NO_QUESTIONS} />, signedIn);
        expect(container.textContent).toBe('');
    });
});

describe('what figures lack', () => {
    const agreed = {
        id: 5,
        reason: 'the sculpt has none',
        agreed_with: '',
        by: 'Marsali Teague',
        whole_unit: false,
        price: null,
    };

    it('stands at their row and in their panel, with the way back', async () => {
        const bare = group({ lacking: [{ area: 'badge', agreed }] });
        const sent = answering(({ path }) => [200, path.endsWith('/changes') ? noChanges : two()]);
        const of = unit({ groups: [bare] });
        const { unmount } = render(<Grid grid={grid([of])} job={job} />, signedIn);
        expect(screen.getByText('no badge')).toBeTruthy();
        unmount();
        render(<FiguresSide job={job} unit={of} group={bare} units={[of]} onClose={() => undefined} />, signedIn);
        expect(screen.getByText(/No badge: the sculpt has none \(Marsali Teague\)/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'They have it' }));
        await waitFor(() =>
            expect(sent.at(-1)).toMatchObject({
                path: '/api/variations/5/taking-back',
                body: { version: 7, figures: [1, 2] },
            }),
        );
    });

    it('is said where the area is open', async () => {
        const sent = answering(() => [200, two()], { '/layers': layers() });
        const onClose = vi.fn();
        render(<AreaSide job={job} unit={unit()} group={group()} area="badge" onClose={onClose} />, [
            ...signedIn,
            [['jobs', 1, 'layers', 1, 'badge'], layers({ area: 'badge' })],
        ]);
        await userEvent.click(screen.getByRole('button', { name: 'There is no badge on Lamplighters' }));
        await waitFor(() =>
            expect(sent.at(-1)).toMatchObject({
                path: '/api/units/4/lacking',
                body: { version: 7, figures: null, area: 'badge' },
            }),
        );
        expect(onClose).toHaveBeenCalledOnce();
    });
});

describe('units in their order', () => {
    it('stand where the lead says', async () => {
        const units = [unit(), unit({ id: 5, name: 'Divers' }), unit({ id: 6, name: 'Riders' })];
        const sent = answering(() => [200, grid(units)]);
        render(<FiguresSide job={job} unit={unit()} group={group()} units={units} onClose={() => undefined} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Change the unit' }));
        await userEvent.click(screen.getByRole('combobox', { name: 'Stands before' }));
        await userEvent.click(await screen.findByTitle('nobody: it is the last'));
        await waitFor(() =>
            expect(sent.at(-1)).toMatchObject({ path: '/api/units/4/place', body: { version: 7, before: null } }),
        );
    });
});

describe('figures that leave their unit', () => {
    const moved = async (others: Schemas['GridUnit'][], fill: () => Promise<void>) => {
        const sent = answering(() => [200, two()]);
        render(
            <FiguresSide job={job} unit={unit()} group={group()} units={[unit(), ...others]} onClose={() => undefined} />,
            signedIn,
        );
        await userEvent.click(screen.getByRole('button', { name: 'Change the unit' }));
        const leaving = screen.getByRole('group', { name: 'Figures that move' });
        await userEvent.click(within(leaving).getByRole('button', { name: 'Figure 2' }));
        await fill();
        await userEvent.click(screen.getByRole('button', { name: 'Move 1 figure' }));
        await waitFor(() => expect(sent.at(-1)?.path).toBe('/api/units/4/moves'));
        return sent.at(-1)?.body;
    };

    it('go to one of their own by its name', async () => {
        expect(await moved([], () => userEvent.type(screen.getByLabelText('Name of their unit'), ' Mole lamps '))).toEqual({
            version: 7,
            figures: [2],
            name: 'Mole lamps',
        });
    });

    it('go to another unit, whatever figures it has', async () => {
        const others = [unit({ id: 5, name: 'Second' }), unit({ id: 6, name: 'Divers', type_id: 8 })];
        const body = await moved(others, async () => {
            await userEvent.click(screen.getByRole('combobox', { name: 'Where to' }));
            expect(await screen.findByTitle('Second, painted as they are')).toBeTruthy();
            await userEvent.click(await screen.findByTitle('Divers, painted as they are'));
        });
        expect(body).toEqual({ version: 7, figures: [2], to: 6 });
    });
});

describe('what was changed last', () => {
    const line = { at: '2026-12-01T08:00:00Z', who: 'Marsali Teague', takes_back: false, taken_back: false };
    const changes = [
        { ...line, id: 3, words: ['Divers: tier Guard, was Muster.'], takes_back: true },
        { ...line, id: 2, words: ['Divers: tier Muster, was Guard.'], taken_back: true },
        { ...line, id: 1, words: ['Divers: tier Guard, was Muster.', 'Divers: painter Isla Coade, was nobody.'] },
    ];

    it('is said and taken back, past what was taken back already', async () => {
        const sent = answering(({ path }) => [200, path.endsWith('/changes') ? { changes, page: 1, pages: 1, all: 3 } : two()]);
        render(<Changes />, signedIn);
        expect(await screen.findByText('Changed last: Divers: tier Guard, was Muster. And 1 more. Marsali Teague')).toBeTruthy();
        await userEvent.keyboard('u');
        await waitFor(() => expect(sent.at(1)?.path).toBe('/api/job-changes/1/taking-back'));

        await userEvent.click(screen.getByRole('button', { name: 'History' }));
        expect(await screen.findByText('Divers: painter Isla Coade, was nobody.')).toBeTruthy();
        await userEvent.click(await screen.findByRole('button', { name: 'Change it again' }));
        await waitFor(() => expect(sent.map((one) => one.path)).toContain('/api/job-changes/3/taking-back'));
    });
});
