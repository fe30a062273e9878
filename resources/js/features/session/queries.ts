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

export async function signIn(email: string, password: string, code: string) {
    await fetchToken();
    return unwrap(api.POST('/api/session', { body: { email, password, code: code === '' ? null : code } }));
}

export async function join(token: string, password: string) {
    await fetchToken();
    return unwrap(api.POST('/api/invitations/{token}', { params: { path: { token } }, body: { password } }));
}

export function invitationOptions(token: string) {
    return queryOptions({
        queryKey: ['invitation', token],
        queryFn: ({ signal }) => unwrap(api.GET('/api/invitations/{token}', { params: { path: { token } }, signal })),
        retry: false,
    });
}

export const accountKeys = { all: ['account'] as const };

export function accountOptions() {
    return queryOptions({ queryKey: accountKeys.all, queryFn: ({ signal }) => unwrap(api.GET('/api/account', { signal })) });
}

export async function signOut() {
    return unwrap(api.DELETE('/api/session'));
}
