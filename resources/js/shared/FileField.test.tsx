import { render } from '@testing/render';
import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { FileField } from './FileField';

describe('a field for a file', () => {
    it('takes one that is chosen, names it, and takes the same again', async () => {
        const taken: string[] = [];
        render(<FileField label="Roster" accept=".csv" onFile={(file) => taken.push(file.name)} />);
        const file = new File(['x'], 'mole.csv', { type: 'text/csv' });
        await userEvent.upload(screen.getByLabelText('Roster'), file);
        expect(screen.getByText('mole.csv')).toBeTruthy();
        await userEvent.upload(screen.getByLabelText('Roster'), file);
        expect(taken).toEqual(['mole.csv', 'mole.csv']);
    });

    it('takes one that is dropped', () => {
        const taken: string[] = [];
        render(<FileField label="Roster" accept=".csv" onFile={(file) => taken.push(file.name)} />);
        const box = screen.getByText('or drop it here');
        fireEvent.dragOver(box);
        fireEvent.drop(box, { dataTransfer: { files: [new File(['x'], 'quay.csv')] } });
        fireEvent.drop(screen.getByText('quay.csv'), { dataTransfer: { files: [] } });
        expect(taken).toEqual(['quay.csv']);
    });
});
