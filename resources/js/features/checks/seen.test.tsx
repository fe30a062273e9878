import { answering } from '@testing/api';
import { check, fault, outlines, session } from '@testing/made';
import { render } from '@testing/render';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { Checking } from './components/Checking';

const drawn: [readonly unknown[], unknown][] = [
    [['session'], session()],
    [['figure-types', 6, 'outlines'], outlines()],
];

/** Writes a flaw of 2 mm down. */
async function note() {
    await userEvent.type(screen.getByLabelText('Size in millimetres'), '2');
    fireEvent.click(screen.getByRole('button', { name: 'Note the flaw' }));
}

describe('a figure that is laid out as pictures', () => {
    it('is turned as it is, and a flaw is placed where somebody points', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check()} />, drawn);
        const coat = screen.getByRole('button', { name: /^coat/ });
        fireEvent.keyDown(coat, { key: 'Enter' });
        fireEvent.keyDown(coat, { key: 'ArrowDown' });
        expect(screen.getByText(/Pointed at coat: a flaw that is written down now is placed there/)).toBeTruthy();
        await userEvent.keyboard('l');
        await note();
        await waitFor(() => expect(sent[0]?.body).toMatchObject({ area: 'coat', side: 'front', size_mm: 2, x: 0.25, y: 0.51 }));
        await waitFor(() => expect(screen.getByText(/Where you point, a flaw is placed/)).toBeTruthy());
    });

    it('is not placed where somebody says that it is not there', async () => {
        const sent = answering(() => [200, check({ version: 4 })]);
        render(<Checking check={check()} />, drawn);
        fireEvent.keyDown(screen.getByRole('button', { name: /^coat/ }), { key: ' ' });
        await userEvent.keyboard('l');
        fireEvent.click(screen.getByRole('checkbox', { name: 'It is where I pointed' }));
        await note();
        await waitFor(() => expect(sent).toHaveLength(1));
        expect(sent[0]?.body).not.toHaveProperty('x');
    });

    it('shows its faults where they are, and by share what has no picture', () => {
        render(<Checking check={check({ faults: [fault({ place: { x: 0.5, y: 0.25 } })] })} />, drawn);
        expect(screen.getByText('coat: Noticed in a plain place, so it is minor.').parentElement?.getAttribute('transform')).toBe(
            'translate(50 50) scale(2)',
        );
        fireEvent.click(screen.getByRole('button', { name: 'back' }));
        expect(screen.getByRole('group', { name: 'Seen from back, by share' })).toBeTruthy();
    });
});
