import type { Schemas } from '@api';
import { answering } from '@testing/api';
import { outlines } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ProofFigure } from './components/ProofFigure';

const plate = (area: string, tier: string, tone: string | null): Schemas['SchemePlate'] => ({
    area,
    surface_name: 'Cloth',
    tier,
    tier_name: tier === 'muster' ? 'Muster' : 'Guard',
    span: null,
    asked: null,
    tone,
    plate: null,
});

const plates = [plate('coat', 'muster', '#b98b2d'), plate('coat', 'guard', '#c99b3d'), plate('face', 'guard', '#d0a080')];

const types: [readonly unknown[], unknown] = [['figure-types'], [{ id: 6, key: 'lamplighter', areas: [] }]];

describe('the figure on a proof', () => {
    it('stands tier beside tier, each area in its tone, and grey where nothing is laid', () => {
        render(<ProofFigure type="lamplighter" plates={plates} />, [types, [['figure-types', 6, 'outlines'], outlines()]]);
        const fills = (name: string) =>
            [...screen.getByRole('img', { name }).querySelectorAll('.side-area')].map((path) => path.getAttribute('fill'));
        expect(fills('The figure at Muster')).toEqual(['#b98b2d', 'var(--neutral)']);
        expect(fills('The figure at Guard')).toEqual(['#c99b3d', '#d0a080']);
    });

    it('is left out where its type has no pictures', () => {
        answering(() => [500, {}]);
        const { container } = render(<ProofFigure type="lamplighter" plates={plates} />, [
            types,
            [['figure-types', 6, 'outlines'], []],
        ]);
        expect(container.textContent).toBe('');
    });
});
