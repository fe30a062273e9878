import { api, fetchToken, unwrap } from '@api';
import { queryOptions } from '@tanstack/react-query';

export const sessionKeys = { all: ['session'] as const };

export function sessionOptions() {
    return queryOptions({
        queryKey: sessionKeys.all,
        queryFn: ({ signal }) => unwrap(api.GET('/api/session', { signal })),
        staleTime: 15_000,
        refetchInterval: 60_000,
    });
}

export async function signIn(email: string, password: string) {
    await fetchToken();
    return unwrap(api.POST('/api/session', { body: { email, password } }));
}

export async function signOut() {
    return unwrap(api.DELETE('/api/session'));
}
