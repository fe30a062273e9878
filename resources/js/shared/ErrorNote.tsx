import type { ApiError } from '@api';

interface Props {
    error: ApiError | null | undefined;
    /** Whether the place is told as a pointer into what was sent: for files. */
    withPlace?: boolean;
}

/** What was refused, in a sentence, and each of several things that are wrong. */
export function ErrorNote({ error, withPlace = false }: Props) {
    if (error === null || error === undefined) {
        return null;
    }
    const several = error.problems.length > 1 ? error.problems : [];
    // What is wrong first is what the refusal as a whole says, too.
    const isListed = several.some((problem) => problem.message === error.message);
    return (
        <div className="error-note" role="alert">
            {!isListed && (
                <p>
                    <span aria-hidden="true">◆ </span>
                    {error.message} {withPlace && error.problems.length === 1 && <code>{error.path}</code>}
                </p>
            )}
            {several.length > 0 && (
                <ul>
                    {several.map((problem) => (
                        <li key={problem.path + problem.message}>
                            <span aria-hidden="true">◆ </span>
                            {problem.message} {withPlace && <code>{problem.path}</code>}
                        </li>
                    ))}
                </ul>
            )}
        </div>
    );
}
