import { startTransition, useEffect, useState } from 'react';

/** Of a long list. */
interface Turns {
    /** What a screen shows of it at first. */
    first: number;
    /** So few that a key that is pressed meanwhile does not wait. */
    each: number;
}

/**
 * How many of a long list are there by now: those that are in sight at once, the rest while nothing else is to be done. In the end all
 * are there, so that finding in the page and printing see them.
 */
export function useInTurns(all: number, { first, each }: Turns): number {
    const [there, setThere] = useState(first);
    const isWhole = there >= all;
    useEffect(() => {
        if (isWhole) {
            return;
        }
        const next = setTimeout(() => startTransition(() => setThere((now) => now + each)));
        return () => clearTimeout(next);
    }, [there, isWhole, each]);
    return Math.min(there, all);
}
