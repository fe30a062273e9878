import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it, vi } from 'vitest';

describe('what is wet', () => {
    const wet = [{ figure_id: 20, minutes: 8, until: '2026-03-02T14:10:00+00:00', by: 'Base coat, coat' }];
    const current = (isSure: boolean, onSure = vi.fn()) => <Hand row={row(step({ wet }))} isSure={isSure} onSure={onSure} />;
    const cached: [readonly unknown[], unknown][] = [
        [['session'], session()],
        [['bench', 1, '1-abc'], sheet()],
    ];

    it('is said with the time by which it is dry, and a press too early is asked about', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        const sure = vi.fn();
        render(current(false, sure), cached);
        expect(screen.getByText(/Figure 2 is wet here, dry by 14:10 at the latest \(Base coat, coat\)\./)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        expect(sent).toHaveLength(0);
        await userEvent.click(screen.getByRole('button', { name: 'Wait' }));
        expect(screen.queryByRole('button', { name: 'It is dry, mark it' })).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        await userEvent.click(screen.getByRole('button', { name: 'It is dry, mark it' }));
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sure).toHaveBeenCalledOnce();
    });

    it('is asked about once', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(current(true), cached);
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        await waitFor(() => expect(sent).toHaveLength(1));
    });

    it('does not hold up what is marked on a dry figure', async () => {
        const sent = answeringBench(() => [200, sheet()]);
        render(current(false), cached);
        await userEvent.click(screen.getByRole('button', { name: '3' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ figures: [{ id: 30 }] }));
    });

    it('is no longer said when it is dry', async () => {
        render(current(false), [[['session'], session()]]);
        // When it was read is not known here, as if long ago: the eight minutes are over.
        await waitFor(() => expect(screen.queryByText(/wet here/)).toBeNull());
    });
});

describe('what lies beneath and is not marked', () => {
    const base = step({
        marks: [
            { id: 7, figure_id: 20, state: 'done', reason: '', agreed_with: '', by: 'Isla Coade', looked_on: null, at: null },
        ],
    });
    const varnish = step({ number: 2, use: 'matt', title: 'Matt varnish', beneath: [0] });
    const laid = sheet({ steps: [base, varnish], length: 2 });

    it('is asked about before it is varnished', async () => {
        const sent = answeringBench(() => [200, laid]);
        render(<Hand sheet={laid} row={row(varnish)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        expect(screen.getByText('1 Base coat, coat, on figure 3')).toBeTruthy();
        expect(sent).toHaveLength(0);
        await userEvent.click(screen.getByRole('button', { name: 'Back' }));
        expect(screen.queryByText(/is not marked yet/)).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'Done on all 2 figures' }));
        await userEvent.click(screen.getByRole('button', { name: 'Mark it all the same' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ use: 'matt', figures: [{ id: 20 }, { id: 30 }] }));
    });

    it('is not asked about where it is done', async () => {
        const sent = answeringBench(() => [200, laid]);
        render(<Hand sheet={laid} row={row(varnish)} />, [[['session'], session()]]);
        await userEvent.click(screen.getByRole('button', { name: '2' }));
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ figures: [{ id: 20 }] }));
    });
});
