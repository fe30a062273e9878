/** What the API refused: the status, a code for programs, a sentence for people, and the place it speaks of. */
export class ApiError extends Error {
    override readonly name = 'ApiError';

    constructor(
        readonly status: number,
        readonly code: string,
        message: string,
        readonly path: string,
        readonly problems: readonly { path: string; message: string }[],
        /** What somebody else stored in the meantime, where that is why it was refused. */
        readonly now?: unknown,
        /** The name that it speaks of, such as that of a paint nobody has. */
        readonly about = '',
    ) {
        super(message);
    }

    /** Everything that is wrong, be it one thing or several. */
    all(): readonly { path: string; message: string }[] {
        return this.problems.length > 0 ? this.problems : [{ path: this.path, message: this.message }];
    }

    /** Sentences by field, for a form: `/areas/0/name` is the field `areas.0.name`. */
    byField(): Record<string, string> {
        return Object.fromEntries(this.all().map((problem) => [problem.path.slice(1).replaceAll('/', '.'), problem.message]));
    }
}
