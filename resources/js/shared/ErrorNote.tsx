import type { ApiError } from '@api';

/** What was refused, in a sentence, and each of several things that are wrong. */
export function ErrorNote({ error }: { error: ApiError | null | undefined }) {
    if (error === null || error === undefined) {
        return null;
    }
    return (
        <div className="error-note" role="alert">
            <p>
                <span aria-hidden="true">◆ </span>
                {error.message}
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
