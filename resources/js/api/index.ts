import type { ApiError } from './ApiError';
import type { components } from './schema';

export { ApiError } from './ApiError';
export { api, fetchToken, unwrap } from './client';

export type Schemas = components['schemas'];

declare module '@tanstack/react-query' {
    interface Register {
        defaultError: ApiError;
    }
}
