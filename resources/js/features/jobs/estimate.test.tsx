import { group } from '@testing/madeGrid';
import { session } from '@testing/made';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { Estimate } from './components/Estimate';

function shown(change: Parameters<typeof group>[0]) {
    const { container } = render(<Estimate group={group(change)} tier="Muster" />, [[['session'], session()]]);
    return container.textContent;
}

describe('what a figure takes', () => {
    it('stands from least to most beside what its tier has, with its why', async () => {
        expect(shown({ minutes: 32, minutes_to: 40, budget: 30, over: true })).toMatch(
            /32 min a figure, up to 40 min.* · ▲ Muster has 30 min for it: 2 min over/,
        );
        await userEvent.click(screen.getByRole('button', { name: /32 min a figure/ }));
        expect(await screen.findByText('Each use takes its minutes.')).toBeTruthy();
    });

    it('says nothing of more where there is no more, nor of a budget where there is none', () => {
        const text = shown({ minutes: 32, minutes_to: 32.2, budget: null, over: false });
        expect(text).toMatch(/^32 min a figure/);
        expect(text).not.toMatch(/up to|has/);
    });
});
