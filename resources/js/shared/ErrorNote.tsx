import type { ApiError } from '@api';

interface Props {
    error: ApiError | null | undefined;
    /** Whether the place is told where only one thing is wrong, too: for files. */
    withPlace?: boolean;
}

/** What was refused, in a sentence, and each of several things that are wrong. */
export function ErrorNote({ error, withPlace = false }: Props) {
    if (error === null || error === undefined) {
        return null;
    }
    return (
        <div className="error-note" role="alert">
            <p>
                <span aria-hidden="true">◆ </span>
                {error.message} {withPlace && error.problems.length === 1 && <code>{error.path}</code>}
            </p>
            {error.problems.length > 1 && (
                <ul>
                    {error.problems.map((problem) => (
                        <li key={problem.path + problem.message}>
                            {problem.message} <code>{problem.path}</code>
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}
