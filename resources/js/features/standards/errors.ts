import type { ApiError } from '@api';

/** What is wrong with a member of the piece that was sent, by its path within it (`uses.2.minutes`). */
export type Errors = (path: string) => string | undefined;

export function errorsOf(error: ApiError | null): Errors {
    const all = error?.byField() ?? {};
    return (path) => all[`changes.0.value.${path}`];
}

/** What is wrong somewhere below a member, where no field of its own shows it. */
export function errorsWithin(error: ApiError | null, path: string): string[] {
    return Object.entries(error?.byField() ?? {})
        .filter(([field]) => field === `changes.0.value.${path}` || field.startsWith(`changes.0.value.${path}.`))
        .map(([, message]) => message);
}

/** What is wrong in other places than the piece itself: something that the change would break. */
export function errorsElsewhere(error: ApiError | null): string[] {
    return Object.entries(error?.byField() ?? {})
        .filter(([field]) => !field.startsWith('changes.0.value.'))
        .map(([field, message]) => (field === '' || field === 'changes.0.value' ? message : `${message} (${field})`));
}
