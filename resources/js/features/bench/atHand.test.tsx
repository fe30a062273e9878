import type { Schemas } from '@api';
import { Hand, nothingAtHand } from '@testing/Hand';
import { row, session, sheet } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';

const plate: Schemas['Plate'] = {
    tier: 'muster',
    surface: 'cloth',
    span: 40,
    picture: { src: '/drawn/a.png', srcset: '' },
    zones: [],
};

function shown(atHand: Partial<Schemas['AtHand']>) {
    const laid = sheet();
    const [first] = laid.steps;
    return first === undefined
        ? undefined
        : render(<Hand sheet={laid} row={row(first)} atHand={{ ...nothingAtHand, ...atHand }} />, [[['session'], session()]]);
}

describe('what is at hand for a step', () => {
    it('shows how it must look after it and when it is finished', () => {
        shown({ after: plate, finished: plate });
        expect(screen.getAllByRole('img').map((one) => one.getAttribute('alt'))).toEqual([
            'Proof plate: coat after this step, value span 40',
            'Proof plate: coat when it is finished, value span 40',
        ]);
    });

    it('shows the picture that governs, and says where the light comes from', () => {
        shown({ scheme: { id: 3, picture: 'ab12.jpg', light_from: 'above, left' } });
        expect(screen.getByRole('img', { name: 'The picture that governs' }).getAttribute('src')).toBe(
            '/api/schemes/3/picture?of=ab12.jpg',
        );
        expect(screen.getByText('Light: above, left')).toBeTruthy();
    });

    it('says which colours to have ready, what runs out and what is not asked for', () => {
        shown({
            ready: [
                { area: 'coat', below: true, text: 'Quay Fog primer', hex: '#9e9e9e' },
                { area: 'belt', below: false, text: 'Saddle Peat', hex: null },
            ],
            short: [{ paint: 'Oilskin Ochre', ml: 4.2, stock_ml: 2 }],
            not_asked: ['buckle'],
        });
        expect(screen.getAllByText(/below|^belt$/).map((one) => one.parentElement?.textContent)).toEqual([
            'Quay Fog primer below',
            'Saddle Peat belt',
        ]);
        expect(screen.getByRole('note').textContent).toContain('Oilskin Ochre: 2 ml left, this sheet takes 4.2');
        expect(screen.getByText('Not asked for here: buckle. It stays in the colour round it.')).toBeTruthy();
    });

    it('says nothing where there is nothing to say', () => {
        shown({});
        expect(screen.queryByText('Have ready')).toBeNull();
        expect(screen.queryByRole('img')).toBeNull();
    });
});
