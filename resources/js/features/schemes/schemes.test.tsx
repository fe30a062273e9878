import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { AreaPanel } from './components/AreaPanel';
import { LadderBars } from './components/LadderBars';
import { LadderCard } from './components/LadderCard';
import { PastePanel } from './components/PastePanel';
import { SchemeSide } from './components/SchemeSide';
import { TrialPanel } from './components/TrialPanel';
import { SchemePage } from './SchemePage';
import { draftOf, filled, mended, moved, type RungDraft } from './draft';

const why = { inputs: [], rule: 'Steps too far apart read as hard lines.', source: 'common practice, no source' };

function rung(change: Partial<Schemas['SchemeRung']> = {}): Schemas['SchemeRung'] {
    return {
        role: 'base',
        mix: 'Harbour Slate',
        cover: 1,
        coats: 1,
        recipe: {
            text: 'Harbour Slate',
            parts: [{ paint: 'Harbour Slate', parts: 1, hex: '#3e4c57', kind: 'base', note: '' }],
            water: 0,
            hex: '#3e4c57',
            forecast: false,
            metal: false,
            too_much_water: false,
        },
        shared: false,
        hex: '#3e4c57',
        lightness: 31.6,
        value: 4,
        under: '#9a9d9e',
        taken: true,
        batch: null,
        differs: false,
        stood: null,
        ...change,
    };
}

function area(change: Partial<Schemas['SchemeArea']> = {}): Schemas['SchemeArea'] {
    return {
        id: 5,
        area: 'helmet',
        figure_type: '',
        of_scheme: 'Harbour guard',
        inherited: false,
        version: 3,
        surface: 'plate',
        surface_name: 'Plate',
        on_figure: true,
        takes_shared_light: true,
        quiet: false,
        turn: 'none',
        note: '',
        same_as: '',
        surface_here: '',
        lies_over: null,
        rungs: [rung(), rung({ role: 'light', mix: 'Gull White', cover: 0.4, hex: '#f1efe6', lightness: 94.2, value: 1 })],
        uses: [],
        fault: null,
        findings: [
            {
                code: 'jump',
                cost: 'seen',
                figure_type: '',
                area: 'helmet',
                place: 'Gull White',
                accepted: null,
                at: 1,
                sentence: '63 of L* lighter than the step before, over 25: a hard line.',
                why,
                suggestion: {
                    at: 1,
                    inserts: true,
                    rung: { role: 'light', mix: 'Harbour Slate 2 + Gull White 1', cover: 0.7, coats: 1 },
                    sentence: 'A step between: 2 : 1 of the two gives L* 58.',
                },
            },
        ],
        missing: [],
        span: 62.6,
        asked: 50,
        steps: [],
        ...change,
    };
}

function scheme(change: Partial<Schemas['Scheme']> = {}): Schemas['Scheme'] {
    return {
        id: 2,
        name: 'Harbour guard',
        force: { id: 1, name: 'Harbour guard' },
        common_id: null,
        version: 4,
        ground: 'Quay Fog primer',
        light: 'Gull White',
        light_hex: '#f1efe6',
        light_own: 1,
        light_parts: 1,
        light_reach: 1,
        sketch: '',
        sketch_cover: 0.5,
        one_colour: false,
        surfaces: [{ key: 'metal', name: 'Metal' }],
        last_light: 'shared',
        light_from: '',
        focal: [],
        accents: '',
        note: '',
        picture: null,
        tiers: [{ key: 'guard', name: 'Guard' }],
        tier: 'guard',
        types: [{ key: 'lamplighter', name: 'Lamplighter' }],
        type: 'lamplighter',
        areas: [area()],
        without: [],
        lit: { taking: 1, of: 1 },
        findings: [
            {
                code: 'neighbours-alike',
                cost: 'seen',
                figure_type: 'lamplighter',
                area: 'boots',
                place: 'trousers',
                accepted: null,
                sentence: 'boots and trousers run into each other.',
                why,
            },
        ],
        across: [],
        counts: { stops: 0, seen: 2, slight: 0, accepted: 0 },
        span: 63,
        asked: 50,
        pairs: [
            { one: 'boots', other: 'trousers', apart: 4, parted_by: 'nothing' },
            { one: 'helmet', other: 'coat', apart: 9, parted_by: 'line' },
        ],
        least_apart: 15,
        uncoloured: 0.25,
        families: [{ family: 'blues', share: 0.75, hex: '#3e4c57' }],
        family_limit: 0.45,
        paints: [],
        notes: [],
        others: [],
        ...change,
    };
}

const view = { type: null, tier: null };
const known: [readonly unknown[], unknown][] = [
    [['session'], session()],
    [['paints'], []],
];

describe('a ladder that is written', () => {
    const steps: RungDraft[] = [
        { role: 'base', mix: 'A', cover: 1, coats: 1 },
        { role: 'light', mix: 'C', cover: 0.4, coats: 1 },
    ];

    it('takes a suggestion in between, or in the place of a step', () => {
        const light = (mix: string, cover: number): RungDraft => ({ role: 'light', mix, cover, coats: 1 });
        const suggestion = { at: 1, inserts: true, rung: light('B', 0.7), sentence: '' };
        expect(mended(steps, suggestion).map((one) => one.mix)).toEqual(['A', 'B', 'C']);
        expect(mended(steps, { ...suggestion, inserts: false }).map((one) => one.mix)).toEqual(['A', 'B']);
    });

    it('takes missing steps below its last light', () => {
        const missing = ['B1', 'B2'].map((mix): RungDraft => ({ role: 'light', mix, cover: 0.5, coats: 1 }));
        expect(filled(steps, missing).map((one) => one.mix)).toEqual(['A', 'B1', 'B2', 'C']);
        expect(filled(steps.slice(0, 1), missing)).toHaveLength(1);
    });

    it('is put in another order', () => {
        expect(moved(steps, 1, 0).map((one) => one.mix)).toEqual(['C', 'A']);
    });

    it('is what is stored, until it is changed', () => {
        expect(draftOf(area()).rungs).toEqual([
            { role: 'base', mix: 'Harbour Slate', cover: 1, coats: 1 },
            { role: 'light', mix: 'Gull White', cover: 0.4, coats: 1 },
        ]);
    });
});

describe('the span of a ladder', () => {
    const card = (span: number | null) =>
        render(<LadderCard scheme={scheme()} area={area({ span })} isOpen={false} onOpen={() => undefined} />, [
            [['session'], session()],
        ]);

    it.each([
        [62.6, true],
        [null, false],
    ])('of %s is shown where it is known: %s', (span, isShown) => {
        const { container } = card(span);
        expect(container.textContent.includes('span 63 of 50 asked')).toBe(isShown);
        expect(container.textContent.includes('span')).toBe(isShown);
    });
});

describe('the bars of a ladder', () => {
    it('say their lightness in words, and mark the step that is wrong', () => {
        render(<LadderBars area={area()} />);
        expect(screen.getByRole('img', { name: 'helmet: base L* 32, light L* 94' })).toBeTruthy();
        expect(screen.getByText('94 ▲')).toBeTruthy();
    });

    it('are hollow where a tier does not lay a step', () => {
        const { container } = render(
            <LadderBars area={area({ rungs: [rung(), rung({ role: 'light', taken: false, hex: '#ffffff' })] })} />,
        );
        expect(container.querySelectorAll('rect[fill="none"]')).toHaveLength(1);
    });
});

const stored = (change: Partial<Schemas['SchemeArea']>) => scheme({ areas: [area({ version: 4, ...change })] });
const puts = (sent: { method: string }[]) => sent.filter((one) => one.method === 'PUT');
/** The note, written at once: between two keys a slow machine would pause long enough for it to be stored. */
const write = (value: string) => fireEvent.change(screen.getByLabelText('Note'), { target: { value } });

describe('the colours of an area that differ', () => {
    const light = { role: 'light' as const, mix: 'Limpet', cover: 0.4, hex: '#c9b28a', lightness: 74, value: 2 };
    const stood = { role: 'light' as const, mix: 'Gull White', cover: 0.4, coats: 1 };
    const leftOut = { at: 1, rung: { role: 'shade' as const, mix: 'Bilge wash', cover: 0.9, coats: 1 } };
    const over = area({
        findings: [],
        rungs: [rung(), rung({ ...light, differs: true, stood })],
        lies_over: { of: 'Port Ember', left_out: [leftOut] },
    });
    const differing = <AreaPanel scheme={scheme()} view={view} area={over} name="helmet" onClose={() => undefined} />;

    it('says which step differs from what, and takes the other one', async () => {
        const sent = answering(({ method }) => (method === 'PUT' ? [200, stored({})] : [200, { area: over, plates: [] }]));
        render(differing, known);
        expect(screen.getByText('differs from Port Ember: Gull White, 40 %')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'as there: step 2 of Port Ember' }));
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        expect(puts(sent)[0]).toMatchObject({ body: { rungs: [{ mix: 'Harbour Slate' }, { mix: 'Gull White' }] } });
    });

    it('puts a step back that was left out', async () => {
        const sent = answering(({ method }) => (method === 'PUT' ? [200, stored({})] : [200, { area: over, plates: [] }]));
        render(differing, known);
        await userEvent.click(screen.getByRole('button', { name: 'put back Bilge wash' }));
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        expect(puts(sent)[0]).toMatchObject({
            body: { rungs: [{ mix: 'Harbour Slate' }, { mix: 'Bilge wash', role: 'shade' }, { mix: 'Limpet' }] },
        });
    });

    it('lets one figure type differ, as a row of its own', async () => {
        const types = [
            { key: 'ranger', name: 'Ranger' },
            { key: 'marine', name: 'Marine' },
        ];
        const on = scheme({ types, type: 'marine' });
        const sent = answering(({ method, path }) =>
            method === 'POST' && path.endsWith('/areas')
                ? [200, stored({ figure_type: 'marine' })]
                : [200, { area: area(), plates: [] }],
        );
        render(<AreaPanel scheme={on} view={view} area={area()} name="helmet" onClose={() => undefined} />, known);
        await userEvent.click(screen.getByRole('button', { name: 'Let it differ on Marine' }));
        expect(screen.getByText('Holds for Marine only.')).toBeTruthy();
        const made = () => sent.filter((one) => one.method === 'POST' && one.path.endsWith('/areas'));
        await waitFor(() => expect(made()).toHaveLength(1));
        expect(made()[0]).toMatchObject({ body: { figure_type: 'marine', rungs: [{}, {}] } });
        expect(puts(sent)).toHaveLength(0);
    });

    it('is the same as another area until it is let go', async () => {
        const boots = area({ id: 6, area: 'boots', turn: 'warm', rungs: [rung({ mix: 'Lamp Black' })] });
        const sent = answering(({ method }) =>
            method === 'PUT' ? [200, stored({ same_as: 'boots' })] : [200, { area: area(), plates: [] }],
        );
        render(
            <AreaPanel
                scheme={scheme({ areas: [area(), boots] })}
                view={view}
                area={area()}
                name="helmet"
                onClose={() => undefined}
            />,
            known,
        );
        await userEvent.click(screen.getByLabelText('The same as another area'));
        await userEvent.click(await screen.findByTitle('boots'));
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        expect(puts(sent)[0]).toMatchObject({ body: { same_as: 'boots', turn: 'warm', rungs: [{ mix: 'Lamp Black' }] } });
        await userEvent.click(screen.getByRole('button', { name: 'No longer the same as boots' }));
        await waitFor(() => expect(puts(sent)).toHaveLength(2));
        expect(puts(sent)[1]).toMatchObject({ body: { same_as: '', rungs: [{ mix: 'Lamp Black' }] } });
    });
});

describe('the panel of an area', () => {
    const panel = <AreaPanel scheme={scheme()} view={view} area={area()} name="helmet" onClose={() => undefined} />;

    it('mends a step by one press and stores it as one goes', async () => {
        const sent = answering(({ method }) => (method === 'PUT' ? [200, stored({})] : [200, { area: area(), plates: [] }]));
        render(panel, known);
        expect(screen.getByText('stored')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: /^Mend: A step between/ }));
        expect(screen.getByText('storing')).toBeTruthy();
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        expect(puts(sent)[0]).toMatchObject({
            body: {
                version: 3,
                rungs: [{ mix: 'Harbour Slate' }, { mix: 'Harbour Slate 2 + Gull White 1' }, { mix: 'Gull White' }],
            },
        });
        await screen.findByText('stored');
    });

    it('stores what was typed last when it is closed before the pause is over', async () => {
        const sent = answering(({ method }) => (method === 'PUT' ? [200, stored({})] : [200, { area: area(), plates: [] }]));
        const { unmount } = render(panel, known);
        write('W');
        expect(puts(sent)).toHaveLength(0);
        unmount();
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        expect(puts(sent)[0]).toMatchObject({ body: { note: 'W' } });
    });

    it('leaves what is typed under the hand as it is, though it is stored in another form', async () => {
        const sent = answering(({ method }) =>
            method === 'PUT' ? [200, stored({ note: 'Wet' })] : [200, { area: area(), plates: [] }],
        );
        render(panel, known);
        write('Wet ');
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        await screen.findByText('stored');
        expect(screen.getByLabelText('Note')).toHaveProperty('value', 'Wet ');
        // What is typed next is written on what was stored just now.
        write('Wet stone');
        await waitFor(() => expect(puts(sent)).toHaveLength(2));
        expect(puts(sent)[1]).toMatchObject({ body: { note: 'Wet stone', version: 4 } });
    });

    it('goes back to what stood there when it was opened', async () => {
        answering(({ method }) => (method === 'PUT' ? [200, stored({})] : [200, { area: area(), plates: [] }]));
        render(panel, known);
        expect(screen.queryByRole('button', { name: 'As it was when opened' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Take step 2 away' }));
        expect(screen.queryByLabelText('What step 2 is painted with')).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'As it was when opened' }));
        expect(screen.getByLabelText('What step 2 is painted with')).toHaveProperty('value', 'Gull White');
        await screen.findByText('stored');
    });

    it('shows what somebody else stored meanwhile and writes over it only when told to', async () => {
        let refuse = true;
        const sent = answering(({ method }) => {
            if (method === 'PUT') {
                return refuse ? [409, refusal('stale', 'Somebody else changed it.')] : [200, stored({ version: 10 })];
            }
            return [200, { area: area(), plates: [] }];
        });
        const theirs = area({ version: 9, rungs: [rung({ mix: 'Weir Blue' })] });
        function Place() {
            const [now, setNow] = useState(area());
            return (
                <>
                    <button onClick={() => setNow(theirs)}>others</button>
                    <AreaPanel scheme={scheme()} view={view} area={now} name="helmet" onClose={() => undefined} />
                </>
            );
        }
        render(<Place />, known);
        write('mine');
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        await userEvent.click(screen.getByRole('button', { name: 'others' }));
        expect((await screen.findByRole('alert')).textContent).toContain('Theirs is stored: base Weir Blue');
        expect(screen.getByLabelText('Note')).toHaveProperty('value', 'mine');
        await new Promise((done) => setTimeout(done, 800));
        expect(puts(sent)).toHaveLength(1);
        refuse = false;
        await userEvent.click(screen.getByRole('button', { name: 'Store mine over theirs' }));
        await waitFor(() => expect(puts(sent)).toHaveLength(2));
        expect(puts(sent)[1]).toMatchObject({ body: { note: 'mine', version: 9 } });
    });

    it('says for which figures a new area holds before its first step is stored', async () => {
        const sent = answering(({ method, path }) =>
            method === 'POST' && path.endsWith('/areas') ? [200, stored({})] : [200, { area: area(), plates: [] }],
        );
        render(<AreaPanel scheme={scheme()} view={view} area={null} name="badge" onClose={() => undefined} />, known);
        expect(screen.getByLabelText('Holds for')).toBeTruthy();
        expect(screen.queryByText('stored')).toBeNull();
        await userEvent.type(screen.getByLabelText('Note'), 'brass');
        await new Promise((done) => setTimeout(done, 800));
        expect(sent.filter((one) => one.path.endsWith('/areas'))).toHaveLength(0);
    });

    it('says at the step that a paint is unknown, and keeps what was typed', async () => {
        answering(() => [422, refusal('unknown-paint', 'The studio has no paint "Gul White".', '/rungs/1/mix')]);
        render(panel, known);
        const field = screen.getByLabelText('What step 2 is painted with');
        await userEvent.clear(field);
        await userEvent.type(field, 'Gul White');
        expect((await screen.findByRole('alert')).textContent).toContain('no paint "Gul White"');
        expect(field).toHaveProperty('value', 'Gul White');
    });

    it('makes a paint that the studio has not where it was written', async () => {
        let made = false;
        const sent = answering(({ method, path }) => {
            if (path === '/api/paints') {
                made = made || method === 'POST';
                return [200, []];
            }
            return made
                ? [200, { area: area(), plates: [] }]
                : [422, refusal('unknown-paint', 'The studio has no paint "Gul White".', '/rungs/1/mix', [], 'Gul White')];
        });
        render(panel, known);
        const field = screen.getByLabelText('What step 2 is painted with');
        await userEvent.clear(field);
        await userEvent.type(field, 'Gul White');
        // While a word is typed it is asked for letter by letter; what is offered then comes and goes.
        await waitFor(() => {
            fireEvent.click(screen.getByRole('button', { name: 'Make “Gul White” here' }));
            expect(screen.getByLabelText('Colour of Gul White')).toBeTruthy();
        });
        await userEvent.type(screen.getByLabelText('Colour of Gul White'), '#f1efe6');
        await userEvent.click(screen.getByRole('button', { name: 'Make it' }));
        await waitFor(() => expect(screen.queryByRole('region', { name: 'The paint Gul White' })).toBeNull());
        expect(sent.find(({ method, path }) => method === 'POST' && path === '/api/paints')?.body).toMatchObject({
            name: 'Gul White',
            colour: '#f1efe6',
            kind: 'layer',
            opacity: 'opaque',
        });
        expect(field).toHaveProperty('value', 'Gul White');
    });

    it('goes on with the step that the core says, and asks nothing of it while it has no paint', async () => {
        const sent = answering(({ path }) =>
            path.endsWith('/next-step') ? [200, { role: 'light', cover: 0.24, coats: 1 }] : [200, { area: area(), plates: [] }],
        );
        render(panel, known);
        const asked = () => sent.filter((one) => one.path.endsWith('/area-previews'));
        await waitFor(() => expect(asked()).toHaveLength(1));
        await userEvent.click(screen.getByRole('button', { name: 'Add a step' }));
        expect(await screen.findByLabelText('Cover of step 3, of a hundred')).toHaveProperty('value', '24');
        expect(sent.find((one) => one.path.endsWith('/next-step'))?.body).toEqual({
            rungs: [
                { role: 'base', cover: 1 },
                { role: 'light', cover: 0.4 },
            ],
        });
        await new Promise((done) => setTimeout(done, 250));
        expect(asked()).toHaveLength(1);
        expect(screen.getByText('not stored yet')).toBeTruthy();
    });
});

describe('a list of paints that is pasted', () => {
    const line = { figure_type: '', area: 'helmet', step: 1, hex: '#161617', at: 0, role: 'base' as const, remark: '' };
    const lines = [
        { ...line, line: 2, use: 'base', name: 'Base coat', mix: 'Lamp Black' },
        {
            ...line,
            line: 3,
            use: 'dark-line',
            name: 'Dark lining',
            mix: 'Wet Stone',
            at: null,
            role: null,
            remark: 'no tier asks for it here',
        },
    ];
    const pasted = (text: string) => fireEvent.change(screen.getByLabelText('The list'), { target: { value: text } });

    it('shows where each line lands before it is taken, and is read anew when it is changed', async () => {
        const sent = answering(({ path }) =>
            path.endsWith('/recipe-readings') ? [200, { areas: 1, lines }] : [200, { ...scheme() }],
        );
        const close = vi.fn();
        render(<PastePanel scheme={scheme()} view={view} onClose={close} />, known);
        pasted('area,use,mix');
        await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
        const landed = await screen.findByRole('region', { name: 'Where each line lands' });
        expect(landed.textContent).toContain('Lamp Blackline 2, Base coatstep 1, base');
        expect(landed.textContent).toContain('stays with its use? no tier asks for it here');
        pasted('area,use,mix,step');
        expect(screen.queryByRole('region', { name: 'Where each line lands' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
        await userEvent.click(await screen.findByRole('button', { name: 'Take 2 lines into 1 area' }));
        await waitFor(() => expect(close).toHaveBeenCalled());
        expect(sent.filter(({ path }) => path.endsWith('/recipes'))).toHaveLength(1);
    });

    it('says of each line that cannot be taken why not, and keeps the list', async () => {
        answering(() => [422, refusal('unknown-use', 'Line 2: No tier lays "edgeline" on plate.', '/lines/2/use')]);
        render(<PastePanel scheme={scheme()} view={view} onClose={() => undefined} />, known);
        pasted('helmet,edgeline,Wet Stone');
        await userEvent.click(screen.getByRole('button', { name: 'Read it' }));
        await screen.findByText(/No tier lays "edgeline" on plate/);
        expect(screen.getByLabelText('The list')).toHaveProperty('value', 'helmet,edgeline,Wet Stone');
    });
});

describe('a scheme of a studio that has just begun', () => {
    it('says what there must be first, and leads to where it is made', async () => {
        answering(() => [422, refusal('no-figure-type', 'The studio has no figure type yet.', '/type')]);
        render(<SchemePage />, known);
        await screen.findByText('The studio has no figure type yet.');
        expect(screen.getByRole('link', { name: 'Figure types, in Studio' }).getAttribute('href')).toBe('/studio');
    });
});

describe('a colour that is tried', () => {
    it('says what comes nearest, as a mix and as a glaze, once there is enough to try', async () => {
        const sent = answering(() => [
            200,
            {
                wanted: '#8c5a40',
                ratio: {
                    mix: 'Rust Buoy 3 + Gull White 1',
                    coats: 1,
                    hex: '#8d5b41',
                    lightness: 43,
                    delta_e: 0.6,
                    is_noticed: false,
                },
                glaze: {
                    mix: 'Rust Buoy 1 + Thin medium 3',
                    coats: 2,
                    hex: '#a06a50',
                    lightness: 50,
                    delta_e: 6.1,
                    is_noticed: true,
                },
            },
        ]);
        render(<TrialPanel onClose={() => undefined} />, known);
        await userEvent.type(screen.getByLabelText('The colour that is wanted'), '#8c5a40');
        await userEvent.type(screen.getByLabelText('Tried with'), 'Rust Buoy');
        expect(sent).toHaveLength(0);
        await userEvent.type(screen.getByLabelText('mixed with'), 'Gull White');
        await screen.findByRole('heading', { name: 'Mixed: Rust Buoy 3 + Gull White 1' });
        expect(screen.getByRole('heading', { name: 'Glazed: Rust Buoy 1 + Thin medium 3, 2 coats' })).toBeTruthy();
        expect(screen.getByRole('region', { name: 'What comes nearest' }).textContent).toContain('which nobody notices');
        expect(sent.at(-1)?.body).toEqual({ wanted: '#8c5a40', from: 'Rust Buoy', with: 'Gull White', over: '' });
    });
});

describe('the panel of an area that is closed while something is on its way', () => {
    /** Answers what is stored once it is told to; each answer is one version on. */
    function slowly() {
        let go: () => void = () => undefined;
        let version = 3;
        const gate = new Promise<void>((done) => {
            go = done;
        });
        const sent = answering(async ({ method, body }) => {
            if (method !== 'PUT') {
                return [200, { area: area(), plates: [] }];
            }
            await gate;
            version += 1;
            return [200, stored({ version, note: (body as { note: string }).note })];
        });
        return { sent, go };
    }

    function Closing() {
        const [open, setOpen] = useState(true);
        return (
            <>
                <button onClick={() => setOpen(!open)}>turn</button>
                {open && <AreaPanel scheme={scheme()} view={view} area={area()} name="helmet" onClose={() => undefined} />}
            </>
        );
    }

    it('stores what was typed last', async () => {
        const { sent, go } = slowly();
        render(<Closing />, known);
        write('Wet');
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        write('Wet stone');
        fireEvent.click(screen.getByRole('button', { name: 'turn' }));
        go();
        await waitFor(() => expect(puts(sent)).toHaveLength(2));
        expect(puts(sent)[1]).toMatchObject({ body: { note: 'Wet stone', version: 4 } });
    });

    it('goes on from it when it is opened again', async () => {
        const { sent, go } = slowly();
        render(<Closing />, known);
        write('Wet');
        fireEvent.click(screen.getByRole('button', { name: 'turn' }));
        await waitFor(() => expect(puts(sent)).toHaveLength(1));
        fireEvent.click(screen.getByRole('button', { name: 'turn' }));
        expect(screen.getByLabelText('Note')).toHaveProperty('value', 'Wet');
        expect(screen.getByText('storing')).toBeTruthy();
        write('Wet stone');
        go();
        await waitFor(() => expect(puts(sent)).toHaveLength(2));
        expect(puts(sent)[1]).toMatchObject({ body: { note: 'Wet stone', version: 4 } });
        expect(screen.queryByRole('alert')).toBeNull();
    });
});

describe('what holds a figure together', () => {
    it('shows neighbours, the least apart first, and what parts them', async () => {
        answering(() => [200, []]);
        const open = vi.fn();
        render(<SchemeSide scheme={scheme()} view={view} mayChange onLight={() => undefined} onArea={open} />, known);
        expect(screen.getByText('under 15, and neither line nor shade parts them at this tier')).toBeTruthy();
        expect(screen.getByText('under 15, and a dark line parts them: holds')).toBeTruthy();
        expect(screen.getByText(/in the last light of 1 of 1 areas/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'boots, trousers' }));
        expect(open).toHaveBeenCalledWith('boots');
    });

    it.each([
        ['blues 75, no colours yet 25', 0.75, 0.25],
        ['blues 100', 1, 0],
    ])('counts what has no colours yet to no family: %s', (words, share, uncoloured) => {
        const shown = scheme({ uncoloured, families: [{ family: 'blues', share, hex: '#3e4c57' }] });
        render(<SchemeSide scheme={shown} view={view} mayChange onLight={() => undefined} onArea={() => undefined} />, known);
        expect(screen.getByRole('heading', { name: 'Seen from the front' }).parentElement?.textContent).toContain(
            `${words} of 100`,
        );
    });

    it('says how many matter, and keeps what is meant so apart, with why', async () => {
        const accepted = { reason: 'one leather', by: 'Marsali Teague' };
        const [finding] = scheme().findings;
        if (finding === undefined) {
            throw new Error('The scheme has no finding.');
        }
        const meant = scheme({ findings: [{ ...finding, accepted }], counts: { stops: 0, seen: 1, slight: 0, accepted: 1 } });
        const sent = answering(({ method }) => (method === 'PUT' ? [200, meant] : [200, []]));
        const side = (shown: Schemas['Scheme']) => (
            <SchemeSide scheme={shown} view={view} mayChange onLight={() => undefined} onArea={() => undefined} />
        );
        const { unmount } = render(side(scheme()), known);
        expect(screen.getByText('2 are seen across the table.')).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'It is meant so' }));
        fireEvent.change(screen.getByLabelText('Why it is meant so'), { target: { value: 'one leather' } });
        fireEvent.click(screen.getByRole('button', { name: 'Keep it so' }));
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')).toMatchObject({
                path: '/api/schemes/2/acceptances',
                body: {
                    code: 'neighbours-alike',
                    figure_type: 'lamplighter',
                    area: 'boots',
                    place: 'trousers',
                    reason: 'one leather',
                },
            }),
        );
        unmount();
        render(side(meant), known);
        expect(screen.getByText('1 is seen across the table, 1 meant so.')).toBeTruthy();
        expect(screen.getByText('One is meant so')).toBeTruthy();
        expect(screen.getByText(/Marsali Teague/)).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'It is meant so' })).toBeNull();
    });
});
