import type { Schemas } from '@api';
import { sheet } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { SheetSpray } from './components/SheetSpray';

const coat: Schemas['BenchSheet']['spray']['fields'][number] = {
    areas: ['coat', 'hood'],
    paint: 'Oilskin Ochre',
    figures: 17,
    by_brush: 102,
    by_spray: 45.5,
    pays: true,
    from: 5,
    first: true,
    masked: [],
};

function shown(fields: Schemas['BenchSheet']['spray']['fields']) {
    const laid = sheet();
    return render(<SheetSpray sheet={{ ...laid, spray: { ...laid.spray, fields } }} />);
}

describe('brush or spray', () => {
    it('says what is quicker sprayed, from how many figures on, and what to take care of', () => {
        shown([coat, { ...coat, areas: ['belt'], paint: '', first: false, pays: false, from: 41, masked: ['coat', 'hose'] }]);
        expect(screen.getByText('Quicker by spray: coat, hood')).toBeTruthy();
        expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
            'coat, hood, Oilskin Ochre: 46 min by spray, 1 h 42 by brush, laid before any other colour. It pays from 5 figures on.',
            'belt: 46 min by spray, 1 h 42 by brush. With 17 figures the brush is quicker; spray pays from 41 on. On each figure mask coat, hose.',
        ]);
        expect(screen.getByText(/Spray only outdoors/)).toBeTruthy();
    });

    it('says so where the brush is quicker with any number of figures', () => {
        shown([{ ...coat, pays: false, from: null }]);
        expect(screen.getByText('Nothing here is quicker by spray')).toBeTruthy();
        expect(screen.getByRole('listitem').textContent).toContain('The brush is always quicker here.');
    });

    it('says nothing where nothing is to be said', () => {
        expect(shown([]).container.textContent).toBe('');
    });
});
