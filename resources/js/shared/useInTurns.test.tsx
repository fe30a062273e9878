import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useInTurns } from './useInTurns';

function List({ all }: { all: number }) {
    const there = useInTurns(all, { first: 12, each: 8 });
    return (
        <ol>
            {Array.from({ length: there }, (_, at) => (
                <li key={at}>{at + 1}</li>
            ))}
        </ol>
    );
}

describe('a long list', () => {
    it('begins with what is in sight and has all in the end', async () => {
        render(<List all={60} />);
        expect(screen.getAllByRole('listitem')).toHaveLength(12);
        expect(await screen.findByText('60')).toBeTruthy();
        expect(screen.getAllByRole('listitem')).toHaveLength(60);
    });

    it('is there at once where it is short, and follows when it grows', async () => {
        const { rerender } = render(<List all={3} />);
        expect(screen.getAllByRole('listitem')).toHaveLength(3);
        rerender(<List all={70} />);
        expect(await screen.findByText('70')).toBeTruthy();
    });
});
