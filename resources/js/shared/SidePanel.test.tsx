import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { SidePanel } from './SidePanel';

function Place() {
    const [open, setOpen] = useState<string | null>(null);
    return (
        <>
            <button onClick={() => setOpen('helmet')}>helmet</button>
            <button onClick={() => setOpen('boots')}>boots</button>
            {open !== null && (
                <SidePanel title={open} onClose={() => setOpen(null)}>
                    <input aria-label="Note" />
                    <button onClick={() => setOpen('boots')}>to the boots</button>
                </SidePanel>
            )}
        </>
    );
}

const focused = () => document.activeElement;

describe('A panel beside the sheet', () => {
    it('takes the focus and gives it back where it came from', async () => {
        render(<Place />);
        await userEvent.click(screen.getByRole('button', { name: 'helmet' }));
        expect(focused()).toBe(screen.getByRole('complementary', { name: 'helmet' }));
        await userEvent.type(screen.getByLabelText('Note'), 'brass');
        await userEvent.keyboard('{Escape}');
        expect(screen.queryByRole('complementary')).toBeNull();
        expect(focused()).toBe(screen.getByRole('button', { name: 'helmet' }));
    });

    it('gives it back also after it was led on to the next', async () => {
        render(<Place />);
        await userEvent.click(screen.getByRole('button', { name: 'helmet' }));
        await userEvent.click(screen.getByRole('button', { name: 'to the boots' }));
        expect(focused()).toBe(screen.getByRole('complementary', { name: 'boots' }));
        await userEvent.click(screen.getByRole('button', { name: 'Close' }));
        expect(focused()).toBe(screen.getByRole('button', { name: 'helmet' }));
    });

    it('that lies over the page goes by Escape also when nothing is in hand', async () => {
        const closed: string[] = [];
        const { rerender } = render(
            <SidePanel title="Paints" onClose={() => closed.push('beside')}>
                <p>Beside</p>
            </SidePanel>,
        );
        (document.activeElement as HTMLElement).blur();
        await userEvent.keyboard('{Escape}');
        expect(closed).toEqual([]);
        rerender(
            <SidePanel title="Paints" over={400} onClose={() => closed.push('over')}>
                <p>Over</p>
            </SidePanel>,
        );
        (document.activeElement as HTMLElement).blur();
        await userEvent.keyboard('{Escape}');
        expect(closed).toEqual(['over']);
    });
});
