import { render } from '@testing/render';
import { screen } from '@testing-library/react';
import { Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { HelpPage } from './HelpPage';
import { PAGES } from './pages';

const shown = (at: string) =>
    render(
        <Routes>
            <Route path="/help/:place?" element={<HelpPage />} />
        </Routes>,
        [],
        at,
    );

describe('help', () => {
    it('has a page for each place, with its picture in words', () => {
        expect(PAGES.map((page) => page.name)).toEqual([
            'Today',
            'Standard',
            'Schemes',
            'Jobs',
            'Bench',
            'Check',
            'Records',
            'Studio',
        ]);
        shown('/help/bench');
        expect(screen.getByRole('heading', { name: 'Help: Bench' })).toBeTruthy();
        expect(screen.getByRole('img', { name: /^A bench sheet/ })).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Go there' }).getAttribute('href')).toBe('/bench');
        expect(screen.getByRole('link', { name: 'Bench' }).getAttribute('aria-current')).toBe('page');
    });

    it('begins with today where nobody says which', () => {
        shown('/help/nowhere');
        expect(screen.getByRole('heading', { name: 'Help: Today' })).toBeTruthy();
        expect(screen.getByRole('link', { name: 'Go there' }).getAttribute('href')).toBe('/');
    });
});
