import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { PaintsPage } from './PaintsPage';

function paint(change: Partial<Schemas['Paint']>): Schemas['Paint'] {
    return {
        id: 1,
        name: 'Harbour Slate',
        kind: 'base',
        hex: '#3e4c57',
        opacity: 'opaque',
        finish: 'matt',
        ml: 18,
        stock_ml: 12,
        note: '',
        lab: [31.6, -3.2, -8.4],
        coats_dark: 1,
        coats_middle: 1,
        coats_light: 2,
        hiding: null,
        version: 3,
        ...change,
    };
}

const slate = paint({});
const stain = paint({ id: 2, name: 'Night Tide wash', kind: 'wash', opacity: 'transparent', stock_ml: 0 });
const needs = {
    needs: [{ paint: 'Harbour Slate', ml: 0.4, stock_ml: 12, short: false }],
    why: { inputs: [], rule: 'Coats times share.', source: 'common practice, no source' },
};

function rack(
    role: Schemas['Session']['user']['role'] = 'lead',
    kept: () => [number, unknown] = () => [200, [slate, stain]],
    paints = [slate, stain],
) {
    const sent = answering(({ method, path }) =>
        method === 'PUT' ? kept() : [200, path.endsWith('/paint-needs') ? needs : paints],
    );
    render(<PaintsPage />, [
        [['session'], session({ role })],
        [['paints'], paints],
    ]);
    return sent;
}

const line = (name: string) => within(screen.getByText(name).closest('tr') as HTMLElement);

describe('the paints of the studio', () => {
    it('say what is left, what runs short, and coats only of what covers', async () => {
        rack();
        expect(line('Harbour Slate').getByText('12 of 18 ml')).toBeTruthy();
        expect(line('Harbour Slate').getByText('1, 1, 2')).toBeTruthy();
        expect(await line('Harbour Slate').findByText('under 1 ml')).toBeTruthy();
        expect(line('Night Tide wash').getByText('none left')).toBeTruthy();
        expect(line('Night Tide wash').queryByText('1, 1, 2')).toBeNull();
    });

    it('do not say that none is left where nobody counted', () => {
        rack('lead', undefined, [paint({ stock_ml: null })]);
        expect(line('Harbour Slate').getByText('not counted').textContent).not.toContain('▲');
    });

    it('are found by a part of their name', async () => {
        rack();
        await userEvent.type(screen.getByLabelText('Find a paint'), 'night');
        expect(screen.queryByText('Harbour Slate')).toBeNull();
        expect(screen.getByText('Night Tide wash')).toBeTruthy();
    });

    it('are changed by the lead only', () => {
        rack('painter');
        expect(screen.queryByRole('button', { name: 'Harbour Slate' })).toBeNull();
        expect(screen.queryByRole('button', { name: 'Add a paint' })).toBeNull();
    });

    it('are kept with the version that was read; what is refused stays as it was typed', async () => {
        const sent = rack('lead', () => [422, refusal('bad-colour', '"#3e4c5" is no colour; write a hex.', '/colour')]);
        await userEvent.click(screen.getByRole('button', { name: 'Harbour Slate' }));
        const colour = screen.getByLabelText('Colour');
        await userEvent.clear(colour);
        await userEvent.type(colour, '#3e4c5');
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        expect(await screen.findByText(/is no colour/)).toBeTruthy();
        expect(colour).toHaveProperty('value', '#3e4c5');
        await waitFor(() =>
            expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({ version: 3, colour: '#3e4c5' }),
        );
    });
});
