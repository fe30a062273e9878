import { answering } from '@testing/api';
import { outlines } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { Where } from './components/Where';

const drawn: [readonly unknown[], unknown][] = [[['figure-types', 6, 'outlines'], outlines()]];

describe('where an area is', () => {
    it('is black on the outline, with its pieces', () => {
        render(<Where type={6} areas={['face']} />, drawn);
        const side = screen.getByRole('img', { name: 'face, seen from front' });
        expect([...side.querySelectorAll('path')].map((path) => path.getAttribute('fill'))).toEqual([
            'var(--paper)',
            'var(--ink)',
        ]);
        expect(screen.getByText('eye, left')).toBeTruthy();
    });

    it('is not said where no picture shows it, or there is none', async () => {
        answering(() => [200, []]);
        const { container } = render(<Where type={6} areas={['boots']} />, drawn);
        expect(container.querySelector('.where')).toBeNull();
        const bare = render(<Where type={7} areas={['face']} />);
        await Promise.resolve();
        expect(bare.container.querySelector('.where')).toBeNull();
    });
});
