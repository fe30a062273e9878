import { ApiError } from '@api';
import { QueryClient } from '@tanstack/react-query';

export const client = new QueryClient({
    defaultOptions: {
        queries: {
            staleTime: 5_000,
            // A refusal stays a refusal; only a studio that could not be reached is asked again.
            retry: (count, error) => error instanceof ApiError && error.status === 0 && count < 2,
        },
    },
});
