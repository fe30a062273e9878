import { useEffect, useLayoutEffect, useRef } from 'react';
import { isTyping } from './isTyping';
import { useKeyWords } from './keyWords';

/** What a key does, in words for the list of keys, and the deed. */
export interface Key {
    does: string;
    deed: () => void;
}

type Keys = Readonly<Record<string, Key>>;

/**
 * Single keys of a place, by `event.key` in lower case. They work when nothing is being typed and no
 * menu or dialog is open; Enter and space on a focused control do only what that control does.
 */
export function useKeys(keys: Keys, enabled: boolean): void {
    useKeyWords(
        Object.entries(keys).map(([key, { does }]) => [key, does]),
        enabled,
    );
    const latest = useRef(keys);
    // With the page, not after it: what is shown already is what the next key means, however busy the machine is.
    useLayoutEffect(() => {
        latest.current = keys;
    });
    useEffect(() => {
        if (!enabled) {
            return;
        }
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
                return;
            }
            const key = latest.current[event.key.toLowerCase()];
            if (key !== undefined) {
                event.preventDefault();
                key.deed();
            }
        };
        window.addEventListener('keydown', onKey);
        return () => {
            window.removeEventListener('keydown', onKey);
        };
    }, [enabled]);
}
