import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ToFetch } from './components/ToFetch';

describe('paints to fetch', () => {
    it('are listed as they are wanted, and not at all where none is', async () => {
        const paints = [
            { name: 'Harbour Slate', hex: '#3e4c57', ml: 1.24 },
            { name: 'Gull White', hex: '#f1efe6', ml: 0.04 },
        ];
        const { container, rerender } = render(<ToFetch paints={paints} />);
        const button = screen.getByRole('button', { name: '2 paints to fetch' });
        expect(button.getAttribute('aria-expanded')).toBe('false');
        await userEvent.click(button);
        expect(button.getAttribute('aria-expanded')).toBe('true');
        expect(screen.getAllByRole('listitem').map((one) => one.textContent.trim())).toEqual([
            'Harbour Slate 1.2 ml',
            'Gull White a drop or two',
        ]);
        rerender(<ToFetch paints={[]} />);
        expect(container.querySelector('.to-fetch')).toBeNull();
    });
});
