import { startTransition, useEffect, useState } from 'react';

/** What a screen shows of a table at first. */
const AT_FIRST = 12;

const IN_A_TURN = 24;

/**
 * How many of a long list are there by now: those that are in sight at once, the rest while nothing else is to be done. In the end all
 * are there, so that finding in the page and printing see them.
 */
export function useInTurns(all: number): number {
    const [there, setThere] = useState(AT_FIRST);
    const isWhole = there >= all;
    useEffect(() => {
        if (isWhole) {
            return;
        }
        const next = setTimeout(() => startTransition(() => setThere((now) => now + IN_A_TURN)));
        return () => clearTimeout(next);
    }, [there, isWhole]);
    return Math.min(there, all);
}
