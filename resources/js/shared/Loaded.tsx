import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { ErrorNote } from './ErrorNote';

interface Props<T> {
    query: UseQueryResult<T>;
    children: (data: T) => ReactNode;
}

/** Shows what was asked for once it is here, and says so when it could not be had. */
export function Loaded<T>({ query, children }: Props<T>) {
    if (query.data !== undefined) {
        return <>{children(query.data)}</>;
    }
    return query.isError ? <ErrorNote error={query.error} /> : <p className="loading">…</p>;
}
