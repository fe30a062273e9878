import { answering } from '@testing/api';
import { session, sheet } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { BenchClock } from './components/BenchClock';

const entry = {
    id: 5,
    title: 'Base coat, coat',
    figures: [2, 3],
    minutes: 12.5 as number | null,
    allowed: 9.2,
    by: 'Isla Coade',
    at: null,
    may_correct: true,
    version: 1,
};
const with_ = (change: Partial<Parameters<typeof sheet>[0]> & object) =>
    render(<BenchClock sheet={sheet(change)} />, [[['session'], session()]]);
const worked = (entries: (typeof entry)[]) => ({
    minutes: 12.5,
    allowed: 63.6,
    unknown: entries.filter((one) => one.minutes === null).length,
    entries,
});

describe('the clock at the bench', () => {
    beforeEach(() => sessionStorage.clear());

    it('is started and stopped', async () => {
        const sent = answering(() => [200, { clock: null }]);
        const first = with_({});
        await userEvent.click(screen.getByRole('button', { name: 'Start the clock' }));
        await waitFor(() => expect(sent[0]).toMatchObject({ method: 'POST', path: '/api/bench-clock', body: { unit_id: 1 } }));
        first.unmount();
        with_({ clock: { unit_id: 1, unit: '1st Lamplighters', minutes: 7 } });
        expect(screen.getByText('runs 7 min since the last step')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Stop the clock' }));
        await waitFor(() => expect(sent.at(-1)).toMatchObject({ method: 'DELETE' }));
    });

    it('says where it runs when that is elsewhere', () => {
        with_({ clock: { unit_id: 9, unit: 'Quay watch', minutes: 7 } });
        expect(screen.getByText('it runs at Quay watch, and ends there')).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Start the clock here' })).toBeTruthy();
    });

    it('says what was taken of what is allowed, and is put right by step', async () => {
        const sent = answering(() => [200, sheet()]);
        with_({ worked: worked([entry]) });
        expect(screen.getByText(/of 1 h 04 allowed/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Minutes by step' }));
        const field = screen.getByRole('textbox', { name: 'Minutes for Base coat, coat, figures 2, 3' });
        await userEvent.clear(field);
        await userEvent.type(field, '10,5');
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        await waitFor(() => expect(sent[0]).toMatchObject({ method: 'PATCH', body: { minutes: 10.5, version: 1 } }));
    });

    it('asks how long it was where it was left running', () => {
        with_({ worked: worked([entry, { ...entry, id: 6, title: 'Layer, coat', minutes: null }]) });
        expect(screen.getByText(/the clock was left running. How long was it\?/)).toBeTruthy();
        expect(screen.getByText(/and 1 step of which nobody knows/)).toBeTruthy();
        expect(screen.queryByText('Base coat, coat')).toBeNull();
    });

    it('says once that it is enough, with what is left by what it adds', async () => {
        const enough = [
            { number: 4, title: 'Paint the eye, face', severity: 'major' as const, focal: true, minutes: 24, figures: 1 },
            { number: 9, title: 'Tufts, ground', severity: null, focal: false, minutes: 2, figures: 2 },
        ];
        with_({ worked: worked([entry]), enough });
        expect(screen.getByText(/are used\./)).toBeTruthy();
        expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
            '▲ major · 4 Paint the eye, face, where the eye goes · 24 min on 1 figure',
            'not judged · 9 Tufts, ground · 2 min on 2 figures',
        ]);
        await userEvent.click(screen.getByRole('button', { name: 'Understood' }));
        expect(screen.queryByText(/Paint the eye/)).toBeNull();
        await userEvent.click(screen.getByRole('button', { name: 'What is left' }));
        expect(screen.getByText(/Paint the eye/)).toBeTruthy();
    });
});
