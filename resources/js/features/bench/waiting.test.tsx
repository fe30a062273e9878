import { Hand, answeringBench } from '@testing/Hand';
import { row, session, sheet, step } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { Connection } from '@shared/Connection';

it('says at once that the studio is away, keeps what is marked, and sends it once under one name', async () => {
    let away = true;
    const sent = answeringBench(() => {
        if (away) {
            throw new TypeError('fetch failed');
        }
        return [200, sheet()];
    });
    render(
        <>
            <Connection />
            <Hand sheet={sheet()} row={row(step())} />
        </>,
        [[['session'], session()]],
    );
    expect(screen.queryByText(/cannot be reached/)).toBeNull();

    await userEvent.click(screen.getByRole('button', { name: 'Done on figure 2' }));
    expect(await screen.findByText(/1 entry waiting here/)).toBeTruthy();
    expect(screen.getByTitle('waiting to be stored')).toBeTruthy();

    // A second mark waits behind the first.
    await userEvent.click(screen.getByRole('button', { name: 'Done on figure 3' }));
    expect(await screen.findByText(/2 entries waiting here/)).toBeTruthy();

    away = false;
    await waitFor(() => expect(screen.queryByText(/cannot be reached/)).toBeNull(), { timeout: 10_000 });
    await waitFor(() => expect(sent.map((one) => (one.body as { figures: { id: number }[] }).figures[0]?.id).at(-1)).toBe(30));
    const keys = sent.map((one) => (one.body as { key: string }).key);
    expect(new Set(keys).size).toBe(2);
    expect(keys.filter((key) => key === keys[0]).length).toBeGreaterThan(1);
    expect(keys.filter((key) => key === keys.at(-1))).toHaveLength(1);
}, 20_000);
