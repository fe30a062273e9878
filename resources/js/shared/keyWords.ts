import { useEffect, useId, useSyncExternalStore } from 'react';

/** A key and what it does. */
export type KeyWord = readonly [key: string, does: string];

const NOTHING: readonly KeyWord[] = [];
const groups = new Map<string, readonly KeyWord[]>();
const listeners = new Set<() => void>();
let all: readonly KeyWord[] = NOTHING;

function put(id: string, words: readonly KeyWord[] | null): void {
    if (words === null) {
        groups.delete(id);
    } else {
        groups.set(id, words);
    }
    all = [...groups.values()].flat();
    listeners.forEach((listener) => listener());
}

/** Keys that work as long as what names them is shown, for the list of keys of a place. */
export function useKeyWords(words: readonly KeyWord[], enabled: boolean): void {
    const id = useId();
    const said = JSON.stringify(enabled ? words : NOTHING);
    useEffect(() => {
        put(id, JSON.parse(said) as KeyWord[]);
        return () => put(id, null);
    }, [id, said]);
}

/** The keys of what is shown now. */
export function useShownKeys(): readonly KeyWord[] {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => all,
    );
}
