import type { Schemas } from '@api';
import { refusal } from '@testing/api';
import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';
import { markable, openOn } from './marking';
import { HandOver } from './components/HandOver';
import { StepRow } from './components/StepRow';
import { SheetTimes } from './components/SheetTimes';

const mark = (figure_id: number, state: Schemas['StepMark']['state'] = 'done', reason = ''): Schemas['StepMark'] => ({
    id: figure_id + 500,
    figure_id,
    state,
    reason,
    agreed_with: '',
    by: 'Isla Coade',
    looked_on: null,
    at: null,
});

describe('what is marked', () => {
    it('is only on figures that the core lets this person mark', () => {
        const figures = [true, false].flatMap((may_mark) => sheet().figures.map((figure) => ({ ...figure, may_mark })));
        expect(markable(sheet({ figures })).map((figure) => figure.id)).toEqual([20, 30]);
    });

    it('is open on figures that have neither mark nor excuse', () => {
        expect(openOn(step({ marks: [mark(20), mark(30, 'later', 'no badge')] }), sheet().figures)).toEqual([]);
        expect(openOn(step({ marks: [mark(20)] }), sheet().figures).map((figure) => figure.number)).toEqual([3]);
    });
});

describe('the step in hand', () => {
    it('says what, where, with what and why here', () => {
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        expect(screen.getByRole('heading', { name: 'Base coat on the coat' })).toBeTruthy();
        expect(screen.getByText('Oilskin Ochre')).toBeTruthy();
        expect(screen.getByText('Folds read as folds.')).toBeTruthy();
        expect(screen.getByText('Primer lies under all paint and holds it.')).toBeTruthy();
        expect(screen.getByText('Never point a brush with the lips.')).toBeTruthy();
    });

    it('has the mixes of uses that take turns in one list', () => {
        const [mix] = step().mixes;
        if (mix === undefined) {
            throw new Error('The step has no mix.');
        }
        const turns = ['Edge line', 'Stipple', 'Edge line'].map((title, i) => ({ title, mix: { ...mix, text: `mix ${i + 1}` } }));
        render(<Hand sheet={sheet()} row={row(step({ turns }))} />, [[['session'], session()]]);
        const list = screen.getByRole('heading', { name: 'In turn, mix by mix' }).nextElementSibling;
        expect([...(list?.children ?? [])].map((one) => one.textContent)).toEqual([
            'Edge linemix 1',
            'Stipplemix 2',
            'Edge linemix 3',
        ]);
    });

    it('is done on all that are open at once', async () => {
        const moved = vi.fn();
        const sent = answeringBench(() => [200, sheet()]);
        render(<Hand sheet={sheet()} row={row(step())} onMoved={moved} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        await waitFor(() =>
            expect(sent[0]?.body).toEqual({
                figures: [
                    { id: 20, seen: null },
                    { id: 30, seen: null },
                ],
                area: 'coat',
                use: 'base',
                state: 'done',
                reason: '',
                agreed_with: '',
                supervisor_id: null,
                key: expect.stringMatching(/^[0-9a-f-]{36}$/) as unknown,
            }),
        );
        await waitFor(() => expect(moved).toHaveBeenCalled());
    });

    it('takes a mark back', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(<Hand sheet={sheet()} row={row(step({ marks: [mark(20)] }))} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: '2' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ figures: [{ id: 20, seen: 520 }], state: 'taken-back' }));
    });

    it('says how often it dries and what it takes by the piece', () => {
        render(<Hand sheet={sheet()} row={row(step({ material: { name: 'tuft', pieces: 3 } }))} />, [[['session'], session()]]);
        expect(screen.getByText('dry after 10 min, 2 times')).toBeTruthy();
        expect(screen.getByText('3 × tuft a figure, 6 for all')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Not needed' })).toBeNull();
    });

    it('says what all figures take by hand and on the clock, by each path', () => {
        const { container } = render(<SheetTimes sheet={sheet()} />, [[['session'], session()]]);
        expect(container.textContent).toContain('1 h 04 by hand for all 2');
        expect(container.textContent).toContain('Step by step 1 h 20, 16 min of it waiting, 9 changes of paint');
        expect(container.textContent).toContain('Figure by figure 3 h 10, 2 h 06 of it waiting, 18 changes of paint');
        expect(container.textContent).toContain('Begin early, for it dries long: Texture paste, ground.');
    });

    it('says how many figures are enough at once, where that is known', () => {
        const one = sheet();
        const { container } = render(<SheetTimes sheet={{ ...one, times: { ...one.times, at_once: 8 } }} />, [
            [['session'], session()],
        ]);
        expect(container.textContent).toContain('Enough at once: 8 figures.');
    });

    it('knows one path through one figure', () => {
        const one = sheet();
        const { container } = render(<SheetTimes sheet={{ ...one, figures: one.figures.slice(0, 1) }} />, [
            [['session'], session()],
        ]);
        expect(container.textContent).toContain('On the clock 1 h 20');
        expect(container.textContent).not.toContain('Figure by figure');
    });

    it.each([
        [{ wet_into: 'Wash' }, 'at once, into the wet wash'],
        [{ wet_then: 'Decal' }, 'then at once, while it is wet: decal'],
    ])('says what is laid in one go: %o', (wet, words) => {
        render(<Hand sheet={sheet()} row={row(step(wet))} />, [[['session'], session()]]);
        expect(screen.getByText(words)).toBeTruthy();
    });

    it('may turn out not to be needed, by one press, where it is asked only if', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(<Hand sheet={sheet()} row={row(step({ only_if: 'the steps are too stark' }))} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Not needed' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ figures: [{ id: 20 }, { id: 30 }], state: 'not-needed' }));
    });

    it('is excused only with a reason', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Not done…' }));
        await userEvent.click(screen.getByRole('button', { name: 'Excuse it' }));
        expect(screen.getByRole('alert').textContent).toBe('Say why; it stays on record.');
        await userEvent.click(screen.getByLabelText('cannot be reached'));
        await userEvent.type(screen.getByLabelText('Why'), 'under the lamp');
        await userEvent.click(screen.getByRole('button', { name: 'Excuse it' }));
        await waitFor(() =>
            expect(sent[0]?.body).toMatchObject({
                figures: [{ id: 20 }, { id: 30 }],
                state: 'unreachable',
                reason: 'under the lamp',
            }),
        );
    });

    it('is left out by agreement only with who agreed', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Not done…' }));
        await userEvent.click(screen.getByLabelText('left out by agreement'));
        await userEvent.type(screen.getByLabelText('Why'), 'bare');
        await userEvent.click(screen.getByRole('button', { name: 'Excuse it' }));
        expect(screen.getByRole('alert').textContent).toContain('who agreed');
        expect(sent).toHaveLength(0);
        await userEvent.type(screen.getByLabelText('Agreed with'), 'the lead');
        await userEvent.click(screen.getByRole('button', { name: 'Excuse it' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ state: 'waived', reason: 'bare', agreed_with: 'the lead' }));
    });

    it('says when somebody else marked it meanwhile', async () => {
        answeringBench(({ path }) =>
            path.endsWith('/bench-marks') ? [409, refusal('stale', 'Somebody else changed it.')] : [200, sheet()],
        );
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        expect(await screen.findByText('Somebody else marked it')).toBeTruthy();
    });

    it('keeps what was typed when a mix is refused, and says why', async () => {
        answeringBench(({ path }) =>
            path.endsWith('/mixes')
                ? [422, refusal('unknown-paint', 'The studio has no paint "Bluish"; pick one of its paints.', '/mix')]
                : [200, []],
        );
        render(<Hand sheet={sheet()} row={row(step())} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Change what Base coat on coat is painted with' }));
        const field = screen.getByLabelText('A paint, or a mix in parts');
        await userEvent.clear(field);
        await userEvent.type(field, 'Bluish');
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        expect((await screen.findByRole('alert')).textContent).toContain('Bluish');
        expect((field as HTMLInputElement).value).toBe('Bluish');
    });
});

describe('a line of the sheet', () => {
    it('says who excused what and why', () => {
        render(
            <StepRow
                sheet={sheet()}
                row={row(step({ marks: [mark(30, 'not-on-figure', 'no badge')] }))}
                isCurrent={false}
                cautionAt={null}
                onChoose={() => undefined}
            />,
        );
        expect(screen.getByText(/figure 3: not on figure, no badge \(Isla Coade\)/)).toBeTruthy();
        expect(screen.getByText('1/2')).toBeTruthy();
    });

    it('names the step that says its caution in full', () => {
        render(<StepRow sheet={sheet()} row={row(step())} isCurrent={false} cautionAt={4} onChoose={() => undefined} />);
        expect(screen.getByText('Caution as at step 4.')).toBeTruthy();
    });
});

describe('handing over', () => {
    it('is offered for figures on which nothing is left, all in one', async () => {
        const sent = answeringBench(() => [200, session()]);
        const figures = sheet().figures.map((figure) => ({ ...figure, left: 0, may_hand_over: true }));
        render(<HandOver sheet={sheet({ figures })} />);
        await userEvent.click(screen.getByRole('button', { name: 'Hand 2 figures over to be checked' }));
        await waitFor(() => expect(sent[0]).toEqual({ method: 'POST', path: '/api/hand-overs', body: { figures: [20, 30] } }));
    });

    it('is not offered while something is left', () => {
        render(<HandOver sheet={sheet()} />);
        expect(screen.queryByRole('button')).toBeNull();
        expect(screen.getAllByText('1 left')).toHaveLength(2);
    });
});
