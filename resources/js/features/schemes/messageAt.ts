import type { ApiError } from '@api';

/** What was refused at a place of an area, or below it. */
export function messageAt(error: ApiError | null, path: string): string | undefined {
    if (error === null) {
        return undefined;
    }
    return (
        error.problems.find((one) => one.path.startsWith(path))?.message ??
        (error.path.startsWith(path) ? error.message : undefined)
    );
}
