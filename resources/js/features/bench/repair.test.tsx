import type { Schemas } from '@api';
import { answering, refusal } from '@testing/api';
import { render } from '@testing/render';
import { screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Repair } from './components/Repair';

const laidAgain = (change: Partial<Schemas['Repair']> = {}): Schemas['Repair'] => ({
    layers: [
        { layer: 'base', title: 'Base coat' },
        { layer: 'wash', title: 'All-over wash' },
    ],
    in: 'wash',
    share: 0.1,
    steps: [
        {
            layer: 'base',
            title: 'Base coat',
            degree: '2 coats',
            minutes: 0.2,
            mixes: [
                {
                    step: 1,
                    text: 'Kelp Bed',
                    parts: [{ paint: 'Kelp Bed', parts: 1, hex: '#3a4a30', kind: 'paint', note: '' }],
                    hex: '#3a4a30',
                    forecast: false,
                    too_much_water: false,
                    from: 'scheme',
                    batch: null,
                    coats: null,
                    version: null,
                },
            ],
        },
        { layer: 'wash', title: 'All-over wash', degree: '', minutes: 0.1, mixes: [] },
    ],
    minutes: 0.3,
    why: { inputs: [], rule: 'From the nearest hiding layer.', source: 'common practice, no source' },
    first: 'Lift it with a damp brush.',
    instead: null,
    risk: null,
    caution: 'Never point a brush with the lips.',
    ...change,
});

describe('what is laid again to mend a fault', () => {
    it('is shown from the layer that the fault suggests, with what and how long', async () => {
        const sent = answering(() => [200, laidAgain()]);
        render(<Repair fault={7} about="tide mark, trousers" />);
        expect(await screen.findByText('Lift it with a damp brush.')).toBeTruthy();
        expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
            'Base coat 2 coatsKelp Bed',
            'All-over wash ',
        ]);
        expect(screen.getByText('0.3 min with the brush, mixing and drying apart')).toBeTruthy();
        expect(screen.getByText('Never point a brush with the lips.')).toBeTruthy();
        expect(sent[0]?.path).toBe('/api/faults/7/repair');
    });

    it('says what a second repair risks', async () => {
        answering(() => [200, laidAgain({ risk: 'It was mended before.' })]);
        render(<Repair fault={7} about="patch, face" />);
        expect(await screen.findByText('▲ It was mended before.')).toBeTruthy();
    });

    it('is silent where nothing is painted', async () => {
        const sent = answering(() => [422, refusal('no-layers', 'Nothing is painted there.', '/area')]);
        const { container } = render(<Repair fault={7} about="mould line" />);
        await waitFor(() => expect(sent.length).toBe(1));
        await waitFor(() => expect(container.querySelector('.repair')).toBeNull());
        expect(screen.queryByText('Nothing is painted there.')).toBeNull();
    });
});
