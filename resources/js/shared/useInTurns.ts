import { startTransition, useEffect, useState } from 'react';

/** Enough for a large screen. */
const AT_ONCE = 24;

/**
 * How many of a long list are there by now: those that are in sight at once, the rest while nothing else is to be done. In the end all
 * are there, so that finding in the page and printing see them.
 */
export function useInTurns(all: number): number {
    const [there, setThere] = useState(AT_ONCE);
    const isWhole = there >= all;
    useEffect(() => {
        if (isWhole) {
            return;
        }
        const next = setTimeout(() => startTransition(() => setThere((now) => now + AT_ONCE)));
        return () => clearTimeout(next);
    }, [there, isWhole]);
    return Math.min(there, all);
}
