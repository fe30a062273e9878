import { useEffect, useState } from 'react';

/** A value once nobody has changed it for a moment. */
export function useLater<T>(value: T, milliseconds = 250): T {
    const [later, setLater] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setLater(value), milliseconds);
        return () => clearTimeout(timer);
    }, [value, milliseconds]);
    return later;
}
