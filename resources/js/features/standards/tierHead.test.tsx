import type { Schemas } from '@api';
import { session } from '@testing/made';
import { sheetTier } from '@testing/madeStandard';
import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { TierHead } from './components/TierHead';

function head(price: Schemas['SheetPrice'] | null) {
    render(
        <table>
            <thead>
                <tr>
                    <TierHead
                        tier={sheetTier('plain', 1, { price, terms: ['span 40'] })}
                        reference="Lamplighter"
                        findings={[]}
                        isOpen={false}
                        onOpen={() => undefined}
                        deeds={null}
                    />
                </tr>
            </thead>
        </table>,
        [[['session'], session()]],
    );
    return screen.getByText(/^span 40/).textContent;
}

describe('the head of a tier', () => {
    it.each<[Schemas['SheetPrice'] | null, string]>([
        [null, 'span 40'],
        [{ school: 'hours', list: null, hourly: 3200 }, 'span 40 · €32.00 an hour'],
        [{ school: 'list', list: { foot: 1800, rider: 6000, huge: 2500 }, hourly: null }, 'span 40 · €18.00 to €60.00 a figure'],
        [{ school: 'list', list: { foot: 1800 }, hourly: null }, 'span 40 · €18.00 a figure'],
        [{ school: 'list', list: {}, hourly: null }, 'span 40 · list price'],
    ])('says what a figure costs, from the least to the most', (price, words) => {
        expect(head(price)).toBe(words);
    });
});
