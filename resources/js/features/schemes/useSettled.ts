import { useEffect, useState } from 'react';

/** A value once it has been the same for a while, so that not every key asks the studio. */
export function useSettled<T>(value: T, milliseconds: number): T {
    const [settled, setSettled] = useState(value);
    useEffect(() => {
        const timer = window.setTimeout(() => setSettled(value), milliseconds);
        return () => window.clearTimeout(timer);
    }, [value, milliseconds]);
    return settled;
}
