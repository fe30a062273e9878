import { answering, refusal } from '@testing/api';
import { check, fault, item, session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { Checking } from './components/Checking';

const signedIn: [readonly unknown[], unknown][] = [[['session'], session()]];

/** A name of a request, of its own each time. */
const aKey: unknown = expect.stringMatching(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/);

describe('a check', () => {
    it('asks first what draws the eye, then the side as a whole', () => {
        render(<Checking check={check()} />, signedIn);
        expect(screen.getByRole('heading', { name: 'Features can be read.' })).toBeTruthy();
        const done = check({ items: check().items.map((one) => ({ ...one, answer: one.alone === null ? null : 'holds' })) });
        render(<Checking check={done} />, signedIn);
        expect(screen.getByRole('heading', { name: 'Look for what is wrong. Is this side good?' })).toBeTruthy();
    });

    it('says where it was mended at the bench, for the eye to go there', () => {
        render(<Checking check={check({ mended_at_the_bench: [{ area: 'face', name: 'pool', by: 'Isla Coade' }] })} />, signedIn);
        expect(screen.getByText('Mended at the bench, so look there:').parentElement?.textContent).toContain(
            'face (pool, Isla Coade).',
        );
    });

    it('answers by key, with the version it was read at and the side', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check()} />, signedIn);
        await userEvent.keyboard('f');
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]).toEqual({
            method: 'POST',
            path: '/api/checks/9/answers',
            body: {
                version: 3,
                key: aKey,
                item: 'criterion',
                area: 'face',
                criterion: 'read',
                answer: 'does-not-hold',
                side: 'front',
                reason: '',
            },
        });
    });

    it('passes the side that is looked at', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check({ passed: ['front'] })} />, signedIn);
        await userEvent.keyboard('p');
        await waitFor(() => expect(sent[0]?.body).toEqual({ version: 3, side: 'back', key: aKey }));
    });

    it('asks why before something is taken out of the count', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check()} />, signedIn);
        await userEvent.keyboard('n');
        await userEvent.type(screen.getByLabelText('Why is it not on this figure?'), 'a closed helm');
        expect(sent).toHaveLength(0);
        await userEvent.click(screen.getByRole('button', { name: 'Say so' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ answer: 'not-on-figure', reason: 'a closed helm' }));
    });

    it('notes a flaw where one points, with its size', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check()} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'coat' }));
        await userEvent.keyboard('l');
        const form = await screen.findByRole('dialog');
        expect(within(form).getByRole('button', { name: 'Note the flaw' }).hasAttribute('disabled')).toBe(true);
        await userEvent.click(within(form).getByRole('button', { name: 'Overspill' }));
        await userEvent.click(within(form).getByRole('button', { name: '2 mm' }));
        await userEvent.click(within(form).getByRole('button', { name: 'Note the flaw' }));
        await waitFor(() =>
            expect(sent[0]?.body).toEqual({
                key: aKey,
                version: 3,
                flaw: 'overspill',
                area: 'coat',
                side: 'front',
                size_mm: 2,
                note: '',
            }),
        );
    });

    it('shows what somebody else said when the check has moved on', async () => {
        const theirs = check({ version: 7, items: [item({ answer: 'holds' })] });
        answering(({ path }) =>
            path.endsWith('/answers') ? [409, refusal('stale', 'Somebody else changed this check.')] : [200, theirs],
        );
        render(<Checking check={check()} />, signedIn);
        await userEvent.keyboard('a');
        expect(await screen.findByText('Somebody else answered in this check')).toBeTruthy();
    });

    it('takes in hand what one points at', async () => {
        render(<Checking check={check()} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'coat' }));
        expect(screen.getByRole('heading', { name: 'The folds are lit.' })).toBeTruthy();
    });

    it('turns by number, and only to sides that count', async () => {
        render(<Checking check={check()} />, signedIn);
        await userEvent.keyboard('3');
        expect(screen.getByRole('button', { name: 'back' }).getAttribute('aria-pressed')).toBe('true');
        await userEvent.keyboard('2');
        expect(screen.getByRole('button', { name: 'back' }).getAttribute('aria-pressed')).toBe('true');
    });
});

describe('what was handed over undone', () => {
    const later = item({
        item: 'excused',
        criterion: 'decal',
        text: 'Decal: left for later. Isla Coade says: not here yet',
        sides: ['front'],
        alone: 'left for later at the bench',
        answers: ['not-done'],
        excused: { as: 'later', words: 'left for later', reason: 'not here yet', by: 'Isla Coade', agreed_with: '' },
    });

    it('is asked with who and why, and has answers of its own', async () => {
        const sent = answering(() => [200, check()]);
        render(<Checking check={check({ items: [later] })} />, signedIn);
        expect(screen.getByRole('heading', { name: later.text })).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Holds A' })).toBeNull();
        await userEvent.keyboard('a');
        await userEvent.keyboard('n');
        expect(sent).toHaveLength(0);
        await userEvent.click(screen.getByRole('button', { name: /Not done, and should be/ }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ item: 'excused', criterion: 'decal', answer: 'not-done' }));
    });
});

describe('the running verdict', () => {
    it('offers to send back what is over its limits, and to sign what is not', () => {
        render(
            <Checking
                check={check({
                    verdict: 'rework',
                    counts: { critical: 1, major: 0, minor: 0 },
                    faults: [fault({ severity: 'critical' })],
                })}
            />,
            signedIn,
        );
        expect(screen.getByRole('button', { name: 'Send back to be mended' })).toBeTruthy();
        expect(screen.getByText('1 of 0')).toBeTruthy();
        expect(screen.queryByRole('button', { name: 'Sign off' })).toBeNull();
    });

    it('asks once more before it seals', async () => {
        const sent = answering(({ path }) =>
            path.endsWith('/sign-off') ? [201, { row: { id: 4 }, record: {}, previous: '' }] : [200, session()],
        );
        render(<Checking check={check({ complete: true, open: 0, may_sign: true, sign_hint: '' })} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Sign off' }));
        const dialog = await screen.findByRole('dialog');
        expect(sent).toHaveLength(0);
        await userEvent.click(within(dialog).getByRole('button', { name: 'Sign off' }));
        await waitFor(() => expect(sent[0]?.path).toBe('/api/checks/9/sign-off'));
    });

    it('waives only with who agreed and why, and only for who may', async () => {
        const sent = answering(() => [200, check({ verdict: 'concession' })]);
        render(<Checking check={check({ faults: [fault()] })} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Waive it' }));
        const form = screen.getByRole('form', { name: /^Agree: fault \d+ is waived$/ });
        await userEvent.type(within(form).getByLabelText('Agreed with'), 'the client');
        await userEvent.click(within(form).getByRole('button', { name: 'Waive it' }));
        expect(within(form).getByRole('alert').textContent).toContain('who agreed and why');
        expect(sent).toHaveLength(0);
        await userEvent.type(within(form).getByLabelText('Why'), 'wanted so');
        await userEvent.click(within(form).getByRole('button', { name: 'Waive it' }));
        await waitFor(() =>
            expect(sent[0]).toEqual({
                method: 'POST',
                path: '/api/faults/5/waiver',
                body: { version: 1, agreed_with: 'the client', reason: 'wanted so' },
            }),
        );
    });

    it('is overruled by the lead only with a reason, put to the area pointed at', async () => {
        const sent = answering(({ path }) =>
            path.endsWith('/refusal') ? [200, check({ verdict: 'rework' })] : [200, session()],
        );
        render(<Checking check={check({ complete: true, open: 0 })} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Send it back all the same…' }));
        await userEvent.click(screen.getByRole('button', { name: 'Send it back' }));
        expect(screen.getByRole('alert').textContent).toContain('Say why');
        await userEvent.type(screen.getByLabelText('Why it goes back'), 'dull beside the first');
        await userEvent.click(screen.getByRole('button', { name: 'Send it back' }));
        await waitFor(() =>
            expect(sent[0]).toMatchObject({
                path: '/api/checks/9/refusal',
                body: { version: 3, reason: 'dull beside the first', area: '' },
            }),
        );
    });

    it('cannot be overruled by who may not', () => {
        render(<Checking check={check({ may_send_back: false })} />, signedIn);
        expect(screen.queryByRole('button', { name: 'Send it back all the same…' })).toBeNull();
    });

    it('names what nobody has said, and lets the lead agree that nothing is asked', async () => {
        const sent = answering(({ path }) => (path.includes('/units/') ? [200, {}] : [200, check()]));
        render(<Checking check={check({ undecided: ['badge'] })} />, signedIn);
        await userEvent.click(screen.getByRole('button', { name: 'Agree that nothing is' }));
        await userEvent.type(screen.getByLabelText('Agreed with'), 'the client');
        await userEvent.type(screen.getByLabelText('Why'), 'none on this one');
        await userEvent.click(screen.getByRole('button', { name: 'Not asked for here' }));
        await waitFor(() =>
            expect(sent[0]).toEqual({
                method: 'POST',
                path: '/api/units/4/not-asked',
                body: { version: 7, figures: [2], area: 'badge', reason: 'none on this one', agreed_with: 'the client' },
            }),
        );
    });

    it('offers no waiver to a deputy', () => {
        render(<Checking check={check({ may_waive: false, faults: [fault()] })} />, signedIn);
        expect(screen.queryByRole('button', { name: 'Waive it' })).toBeNull();
    });
});
