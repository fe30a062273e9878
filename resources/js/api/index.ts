import type { ApiError } from './ApiError';
import type { components, paths } from './schema';

export { ApiError } from './ApiError';
export { api, fetchToken, resend, unwrap } from './client';
export { isReached, onConnection } from './connection';

export type Schemas = components['schemas'];
export type Paths = paths;

declare module '@tanstack/react-query' {
    interface Register {
        defaultError: ApiError;
    }
}
