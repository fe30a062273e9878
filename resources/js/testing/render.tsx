import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render as renderBare } from '@testing-library/react';
import { App } from 'antd';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';

/** Renders within what every page stands in; what is given is in the cache already and not asked for. */
export function render(element: ReactElement, cached: [readonly unknown[], unknown][] = [], at = '/') {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
    for (const [key, data] of cached) {
        client.setQueryData(key, data);
    }
    return {
        client,
        ...renderBare(
            <App component={false}>
                <QueryClientProvider client={client}>
                    <MemoryRouter initialEntries={[at]}>{element}</MemoryRouter>
                </QueryClientProvider>
            </App>,
        ),
    };
}
