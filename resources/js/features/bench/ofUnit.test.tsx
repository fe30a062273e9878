import type { Schemas } from '@api';
import { session } from '@testing/made';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { App } from 'antd';
import { MemoryRouter, Route, Routes } from 'react-router';
import { describe, expect, it } from 'vitest';
import { BenchPage } from './BenchPage';
import { benchKeys } from './queries';

const sheet = (key: string, unit_id: number): Schemas['BenchRow'] => ({
    key,
    job_id: 4,
    job: 'Harbour guard',
    due: null,
    unit_id,
    unit: `Unit ${String(unit_id)}`,
    type: 'Lamplighter',
    tier: 'Muster',
    painters: unit_id === 1 ? [] : ['Isla Coade', 'Jory Vean'],
    figures: 2,
    mine: 2,
    steps: 9,
    minutes: 30,
    left: 9,
    looks: 0,
    to_paint: 2,
    painting: 0,
    to_check: 0,
    refused: 0,
    mended: 0,
    signed: 0,
});

function at(address: string) {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
    client.setQueryData(['session'], session());
    const unit = new URLSearchParams(address.split('?')[1]).get('unit');
    const rows = [sheet('a', 1), sheet('b', 2), sheet('c', 2)].filter((row) => unit === null || String(row.unit_id) === unit);
    const asked = { page: 1, find: '', unit: unit === null ? null : Number(unit) };
    client.setQueryData(benchKeys.list(asked), { rows, page: 1, pages: 1, all: rows.length });
    client.setQueryData(benchKeys.runs(), []);
    render(
        <App component={false}>
            <QueryClientProvider client={client}>
                <MemoryRouter initialEntries={[address]}>
                    <Routes>
                        <Route path="/bench" element={<BenchPage />} />
                        <Route path="/jobs/4/bench/a" element={<p>The sheet</p>} />
                    </Routes>
                </MemoryRouter>
            </QueryClientProvider>
        </App>,
    );
}

describe('the bench of one unit, as a code on paper asks for it', () => {
    it('is its sheet where there is one', () => {
        at('/bench?unit=1');
        expect(screen.getByText('The sheet')).toBeTruthy();
    });

    it('is a list of its sheets where there are several, with a way to all', () => {
        at('/bench?unit=2');
        expect(screen.getAllByRole('listitem')).toHaveLength(2);
        expect(screen.getByRole('link', { name: 'Show all' }).getAttribute('href')).toBe('/bench');
    });

    it('says so where there is none', () => {
        at('/bench?unit=77');
        expect(screen.getByText(/^No sheet of this unit is yours/)).toBeTruthy();
    });

    it('is no narrower without one', () => {
        at('/bench');
        expect(screen.getAllByRole('listitem')).toHaveLength(3);
        expect(screen.getByText('3 units')).toBeTruthy();
        expect(screen.getAllByText('Isla Coade, Jory Vean')).toHaveLength(2);
        expect(screen.getByText('nobody has it')).toBeTruthy();
        expect(screen.queryByText('Show all')).toBeNull();
    });
});
