import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { SyntheticEvent } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { NumberInput } from './NumberInput';

describe('the field for numbers', () => {
    it('reads two and a half minutes with a comma as two and a half', async () => {
        const changed = vi.fn();
        render(<NumberInput aria-label="Minutes" value={null} onChange={changed} />);
        await userEvent.type(screen.getByLabelText('Minutes'), '2,5');
        expect(changed).toHaveBeenLastCalledWith(2.5);
    });

    it('keeps what it cannot read, says so, and passes nothing on', async () => {
        const changed = vi.fn();
        const unreadable = vi.fn();
        render(<NumberInput aria-label="Minutes" value={12} onChange={changed} onUnreadable={unreadable} />);
        const field = screen.getByLabelText('Minutes');
        await userEvent.type(field, ' min');
        expect(field).toHaveProperty('value', '12 min');
        expect(screen.getByRole('alert').textContent).toContain('is no number');
        expect(changed.mock.calls.every(([value]) => value === 12)).toBe(true);
        expect(unreadable).toHaveBeenCalled();
    });

    it.each([
        ['at the least', '1', 1, null],
        ['under the least', '0', null, 'At least 1.'],
        ['at the most', '100', 100, null],
        ['over the most', '101', null, 'At most 100.'],
        ['not whole', '2,5', null, 'Only a whole number is meant here.'],
    ])('says what is out of bounds: %s', async (_, text, value, message) => {
        const changed = vi.fn();
        render(<NumberInput aria-label="Cover" value={null} min={1} max={100} whole onChange={changed} />);
        await userEvent.click(screen.getByLabelText('Cover'));
        await userEvent.paste(text);
        expect(changed.mock.lastCall?.[0] ?? null).toBe(value);
        expect(screen.queryByRole('alert')?.textContent ?? null).toBe(message);
    });

    it('is stepped by the arrow keys within its bounds', async () => {
        const changed = vi.fn();
        render(<NumberInput aria-label="Coats" value={1} min={1} step={0.5} onChange={changed} />);
        await userEvent.type(screen.getByLabelText('Coats'), '{ArrowUp}');
        expect(changed).toHaveBeenLastCalledWith(1.5);
        await userEvent.type(screen.getByLabelText('Coats'), '{ArrowDown}{ArrowDown}');
        expect(changed).toHaveBeenLastCalledWith(1);
    });

    it('shows a value that comes from elsewhere', () => {
        const { rerender } = render(<NumberInput aria-label="Minutes" value={3} />);
        rerender(<NumberInput aria-label="Minutes" value={4} />);
        expect(screen.getByLabelText('Minutes')).toHaveProperty('value', '4');
    });

    it('says what stood there before, once what is typed can no longer be read, and holds its form back', async () => {
        const change = vi.fn();
        const send = vi.fn((event: SyntheticEvent) => event.preventDefault());
        render(
            <form onSubmit={send}>
                <NumberInput aria-label="Left, ml" value={5} onChange={change} />
                <button>Keep</button>
            </form>,
        );
        const field = screen.getByLabelText('Left, ml');
        await userEvent.clear(field);
        await userEvent.type(field, '1.200,5');
        expect(change.mock.calls.map(([value]) => value as number | null)).toContain(1.2);
        expect(change).toHaveBeenLastCalledWith(5);
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        expect(send).not.toHaveBeenCalled();

        await userEvent.clear(field);
        await userEvent.type(field, '1200,5');
        expect(change).toHaveBeenLastCalledWith(1200.5);
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        expect(send).toHaveBeenCalledOnce();
    });
});
