import { answering } from '@testing/api';
import { outlines } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Where } from './components/Where';
import { viewRound } from './detail';

const drawn: [readonly unknown[], unknown][] = [[['figure-types', 6, 'outlines'], outlines()]];

describe('where an area is', () => {
    it('is black on the outline', () => {
        render(<Where type={6} areas={['face']} names={[]} />, drawn);
        const side = screen.getByRole('img', { name: 'face, seen from front' });
        expect([...side.querySelectorAll('path')].map((path) => path.getAttribute('fill'))).toEqual([
            'var(--paper)',
            'var(--ink)',
        ]);
        expect(screen.queryByText(/eye/)).toBeNull();
    });

    it('is shown near by where single pieces or places of it are meant, each by its number', () => {
        render(<Where type={6} areas={['face']} names={['eye']} />, drawn);
        expect(screen.getByRole('img', { name: 'face, seen from front' })).toBeTruthy();
        const near = screen.getByRole('img', { name: 'Near by, seen from front' });
        expect(near.querySelectorAll('.side-marks circle')).toHaveLength(1);
        expect(screen.getByRole('listitem').textContent).toBe('1 eye, left');
    });

    it('is near by round all that is meant, in the middle, and never nearer than the figure can be told', () => {
        const picture = { width: 400, height: 600 };
        expect(viewRound(picture, [{ at: { x: 0.5, y: 0.25 } }])).toEqual({ left: 160, top: 90, width: 80, height: 120 });
        const wide = viewRound(picture, [{ at: { x: 0, y: 0.5 } }, { at: { x: 1, y: 0.5 } }]);
        expect(wide.left).toBeLessThan(0);
        expect(wide.left + wide.width).toBeGreaterThan(400);
        expect(wide.top + wide.height / 2).toBeCloseTo(300);
    });

    it('is not said where no picture shows it, or there is none', async () => {
        answering(() => [200, []]);
        const { container } = render(<Where type={6} areas={['boots']} names={[]} />, drawn);
        expect(container.querySelector('.where')).toBeNull();
        const bare = render(<Where type={7} areas={['face']} names={[]} />);
        await Promise.resolve();
        expect(bare.container.querySelector('.where')).toBeNull();
    });
});
