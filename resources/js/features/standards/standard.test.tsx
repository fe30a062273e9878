import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { draft, finding, preview, sheetCell, sheetUse, vocabulary, withCells } from '@testing/madeStandard';
import { render } from '@testing/render';
import { useQuery } from '@tanstack/react-query';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { CellEditor } from './components/CellEditor';
import { FindingNote } from './components/FindingNote';
import { Plate } from '@features/plates';
import { SchoolsEditor } from './components/SchoolsEditor';
import type { Change } from './document';
import { draftOptions, standardKeys } from './queries';

const deeds = { fix: vi.fn(), accept: vi.fn(), unaccept: vi.fn() };

/** The cell of the draft as it was answered last. */
function Place(change: Partial<Parameters<typeof CellEditor>[0]>) {
    const now = useQuery(draftOptions(7));
    return now.data === undefined ? null : (
        <CellEditor
            draft={now.data}
            tier="plain"
            surface="cloth"
            deeds={deeds}
            onClose={() => undefined}
            onChange={() => undefined}
            onNext={null}
            {...change}
        />
    );
}

/** The cell behind a button that closes and opens it. */
function Door(change: Partial<Parameters<typeof CellEditor>[0]>) {
    const [open, setOpen] = useState(true);
    return (
        <>
            <button type="button" onClick={() => setOpen(!open)}>
                Close or open
            </button>
            {open && <Place {...change} />}
        </>
    );
}

function editor(change: Partial<Parameters<typeof CellEditor>[0]> = {}, Way = Place) {
    return render(<Way {...change} />, [
        [['session'], session()],
        [['vocabulary'], vocabulary],
        [standardKeys.draft(7), draft()],
        [[...standardKeys.plates(7), 'cloth', 3], []],
    ]);
}

/** Previews and changes are both taken, and what is changed is kept. */
function taking() {
    let now = draft();
    return answering(({ path, body }) => {
        if (path.endsWith('/previews')) {
            return [200, preview()];
        }
        now = withCells(now, (body as { changes: Change[] }).changes);
        return [200, now];
    });
}

/** As taking, but the first change is not answered before it is let go. */
function holding() {
    let now = draft();
    let release: () => void = () => undefined;
    const gate = new Promise<void>((open) => (release = open));
    const sent = answering(async ({ path, body }) => {
        if (path.endsWith('/previews')) {
            return [200, preview()];
        }
        await gate;
        now = withCells(now, (body as { changes: Change[] }).changes);
        return [200, now];
    });
    return { sent, release: () => release() };
}

const stored = (sent: ReturnType<typeof answering>) => sent.filter((one) => one.path.endsWith('/changes')).map((one) => one.body);

describe('a cell that is written', () => {
    it('shows its layers, the top one first', () => {
        taking();
        editor();
        expect(screen.getAllByRole('button', { name: /take out$/ }).map((one) => one.getAttribute('aria-label'))).toEqual([
            'All-over wash: take out',
            'Base coat: take out',
        ]);
    });

    it('is stored as it was typed, with the revision that was read', async () => {
        const sent = taking();
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'All-over wash: one down' }));
        await waitFor(() => expect(stored(sent)).toHaveLength(1));
        expect(stored(sent)[0]).toMatchObject({
            changes: [
                {
                    kind: 'cell',
                    id: 'plain',
                    surface: 'cloth',
                    revision: 4,
                    value: { uses: [{ technique: 'wash' }, { technique: 'base' }] },
                },
            ],
        });
    });

    it('goes on from what is on its way when it is closed and opened again', async () => {
        const { sent, release } = holding();
        editor({}, Door);
        await userEvent.click(screen.getByRole('button', { name: 'All-over wash: one down' }));
        await userEvent.click(screen.getByRole('button', { name: 'Close or open' }));
        await userEvent.click(screen.getByRole('button', { name: 'Close or open' }));
        expect(screen.getAllByRole('button', { name: /take out$/ })[0]?.getAttribute('aria-label')).toBe('Base coat: take out');
        await userEvent.click(screen.getByRole('button', { name: 'Not asked for' }));
        release();
        await waitFor(() => expect(stored(sent)).toHaveLength(2));
        expect(stored(sent)).toMatchObject([{ changes: [{ revision: 4 }] }, { changes: [{ revision: 5, value: { uses: [] } }] }]);
        await waitFor(() => expect(screen.queryByText(/changed this while you wrote/)).toBeNull());
    });

    it('stores what was typed last, also when it is closed while an earlier word is on its way', async () => {
        const { sent, release } = holding();
        editor({}, Door);
        await userEvent.click(screen.getByRole('button', { name: 'All-over wash: one down' }));
        await waitFor(() => expect(stored(sent)).toHaveLength(1));
        await userEvent.click(screen.getByRole('button', { name: 'Not asked for' }));
        await userEvent.click(screen.getByRole('button', { name: 'Close or open' }));
        release();
        await waitFor(() => expect(stored(sent)).toHaveLength(2));
        expect(stored(sent)[1]).toMatchObject({ changes: [{ revision: 5, value: { uses: [] } }] });
    });

    it('can be said not to be asked for, which is another thing than undecided', async () => {
        const sent = taking();
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'Not asked for' }));
        await waitFor(() => expect(stored(sent)[0]).toMatchObject({ changes: [{ value: { uses: [] } }] }));
    });

    it('can be undecided again', async () => {
        const sent = taking();
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'Undecided' }));
        await waitFor(() => expect(stored(sent)[0]).toMatchObject({ changes: [{ value: null }] }));
    });

    it('tells what is wrong at its place and keeps what was typed', async () => {
        answering(() => [
            422,
            refusal('out-of-range', 'This is -5; it must be at least 0.', '/changes/0/value/uses/1/minutes', [
                { path: '/changes/0/value/uses/1/minutes', message: 'This is -5; it must be at least 0.' },
            ]),
        ]);
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'All-over wash' }));
        const field = screen.getByLabelText('Minutes, whole figure of it');
        await userEvent.clear(field);
        await userEvent.type(field, '-5');
        expect((await screen.findAllByText(/This is -5; it must be at least 0/)).length).toBeGreaterThan(0);
        expect((field as HTMLInputElement).value).toBe('-5');
        expect(await screen.findByText('not stored')).toBeTruthy();
    });

    it('shows what somebody else stored meanwhile, and stores mine over it only when told', async () => {
        const theirs = { tier: 'plain', surface: 'cloth', uses: [{ technique: 'wash', minutes: 33 }] };
        let stale = true;
        const sent = answering(({ path }) => {
            if (path.endsWith('/previews')) {
                return [200, preview()];
            }
            return stale
                ? [
                      409,
                      {
                          ...refusal('stale', 'Somebody else changed it.'),
                          now: { value: theirs, revision: 9, by: 'Ruan Petherick' },
                      },
                  ]
                : [200, draft()];
        });
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'Base coat: take out' }));
        const conflict = await screen.findByRole('alert', { name: 'Changed by somebody else' });
        expect(within(conflict).getByText(/Ruan Petherick changed this while you wrote/)).toBeTruthy();
        expect(within(conflict).getByText(/33 min/)).toBeTruthy();
        stale = false;
        await userEvent.click(within(conflict).getByRole('button', { name: 'Store mine over theirs' }));
        await waitFor(() => expect(stored(sent).at(-1)).toMatchObject({ changes: [{ revision: 9 }] }));
    });

    it('adds a sentence that judges the whole area', async () => {
        const sent = taking();
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'Add a sentence' }));
        // Whoever thinks before writing finds it stored empty, and still there to be written.
        await waitFor(() => expect(stored(sent)).toHaveLength(1));
        await screen.findByText('stored');
        await userEvent.type(screen.getByLabelText('Sentence 2'), 'No dust.');
        await waitFor(() => expect(JSON.stringify(stored(sent).at(-1))).toContain('No dust.'));
        expect(stored(sent).at(-1)).not.toMatchObject({ changes: [{ revision: 4 }] });
    });

    it('leads to the next question', async () => {
        const next = vi.fn();
        taking();
        editor({ onNext: next });
        await userEvent.click(screen.getByRole('button', { name: 'Next question' }));
        expect(next).toHaveBeenCalled();
    });
});

describe('a finding', () => {
    it('is settled by one press where a change settles it', async () => {
        const fixable = finding({
            fix: { label: 'Judge as the tier below', kind: 'cell', id: 'plain', surface: 'cloth', value: {} },
        });
        render(<FindingNote finding={fixable} deeds={deeds} />);
        await userEvent.click(screen.getByRole('button', { name: 'Judge as the tier below' }));
        expect(deeds.fix).toHaveBeenCalledWith(fixable);
    });

    it('is accepted only with a reason', async () => {
        render(<FindingNote finding={finding()} deeds={deeds} />);
        await userEvent.click(screen.getByRole('button', { name: /^Accept/ }));
        const accept = await screen.findByRole('button', { name: 'Accept the finding' });
        expect((accept as HTMLButtonElement).disabled).toBe(true);
        await userEvent.type(screen.getByLabelText('Why it is left as it is'), 'Known.');
        await userEvent.click(accept);
        expect(deeds.accept).toHaveBeenCalledWith(finding(), 'Known.');
    });

    it('that is accepted takes one line and opens', async () => {
        render(<FindingNote finding={finding({ accepted: 'Known.', accepted_by: 'Marsali Teague' })} />);
        await userEvent.click(screen.getByRole('button', { name: /accepted finding/ }));
        expect(await screen.findByText(/Accepted by Marsali Teague: Known\./)).toBeTruthy();
    });
});

describe('a proof plate', () => {
    it('is shown as it was made, as fine as the screen, and says its span', () => {
        const plate = {
            tier: 'plain',
            surface: 'cloth',
            span: 41.6,
            zones: [],
            picture: { src: '/drawn/a-248.png', srcset: '/drawn/a-248.png 248w, /drawn/a-496.png 496w' },
        };
        render(<Plate plate={plate} about="Plain, Cloth" />);
        const picture = screen.getByRole('img', { name: 'Proof plate: Plain, Cloth, value span 42' });
        expect(picture.getAttribute('src')).toBe('/drawn/a-248.png');
        expect(picture.getAttribute('srcset')).toContain('/drawn/a-496.png 496w');
        expect(picture.getAttribute('loading')).toBe('lazy');
    });
});

describe('schools', () => {
    it('say what they are for and what follows, and which the studio chose', () => {
        render(
            <SchoolsEditor
                schools={vocabulary.schools}
                chosen={{}}
                wider={{ lights: 'every-edge' }}
                onChange={() => undefined}
            />,
        );
        expect(screen.getByText(/For: plate\. Judging: every edge has its line\./)).toBeTruthy();
        expect(screen.getByText('as the studio: on every edge')).toBeTruthy();
    });
});

describe('what a cell says', () => {
    it('follows the preview while it is typed', async () => {
        answering(({ path }) => [
            200,
            path.endsWith('/previews')
                ? preview({ cells: [sheetCell({ minutes: 99, uses: [sheetUse({ id: 'wash', minutes: 99 })] })] })
                : draft(),
        ]);
        editor();
        await userEvent.click(screen.getByRole('button', { name: 'All-over wash: one down' }));
        expect(await screen.findByText('99 min on a trooper')).toBeTruthy();
    });
});
