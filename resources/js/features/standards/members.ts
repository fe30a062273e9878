import type { Schemas } from '@api';
import type { Errors } from './errors';

/** What declared fields need of a piece in hand. */
export function membersOf<T extends object>(
    fields: readonly Schemas['MemberField'][] | undefined,
    value: T,
    errors: Errors,
    change: (value: T) => void,
) {
    return {
        fields: fields ?? [],
        value,
        errors,
        onChange: (name: string, given: string | number | boolean | undefined) => change({ ...value, [name]: given }),
    };
}

export type MembersInHand = ReturnType<typeof membersOf<object>>;
