import { ApiError } from '@api';

/** A request with a key, by which it is done once however often it is sent. */
export interface Outgoing {
    key: string;
    path: string;
    body: unknown;
}

interface Kept {
    /** Who typed it; nobody else sends it. */
    person: number | null;
    requests: Outgoing[];
}

/** Begins as everything kept does, so that signing out forgets it. */
const NAME = 'ordotype-kept outbox';

function read(): Kept {
    const nothing: Kept = { person: null, requests: [] };
    try {
        return { ...nothing, ...(JSON.parse(sessionStorage.getItem(NAME) ?? '{}') as Partial<Kept>) };
    } catch {
        return nothing;
    }
}

function write(kept: Kept): void {
    try {
        sessionStorage.setItem(NAME, JSON.stringify(kept));
    } catch {
        // A window whose store is full or forbidden still has it on the page.
    }
}

/** What was sent from this window and has no answer yet, in the order in which it was typed. */
export function outbox(): Outgoing[] {
    return read().requests;
}

/** Who signs in where somebody else's session ended does not send what was typed by them. */
export function outboxOf(person: number): Outgoing[] {
    if (read().person !== person) {
        write({ person, requests: [] });
    }
    return outbox();
}

/** Neither stored nor refused: the studio, its database or the session of who sent it is away. */
export function isUnanswered(error: unknown): boolean {
    return error instanceof ApiError && [0, 401, 419, 503].includes(error.status);
}

/** Keeps a request in the window until it is answered, so that a reload does not lose it. */
export async function untilAnswered<T>(request: Outgoing, send: () => Promise<T>): Promise<T> {
    const put = (requests: Outgoing[]) => write({ ...read(), requests });
    if (!outbox().some((one) => one.key === request.key)) {
        put([...outbox(), request]);
    }
    const taken = () => put(outbox().filter((one) => one.key !== request.key));
    try {
        const answer = await send();
        taken();
        return answer;
    } catch (error) {
        if (!isUnanswered(error)) {
            taken();
        }
        throw error;
    }
}
