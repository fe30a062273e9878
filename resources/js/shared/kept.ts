import { useState } from 'react';

/**
 * What was typed and is not stored yet, kept in this window: it survives reload, back and a lost connection, and
 * ends with the window or at signing out. Each is known by its page and its name there.
 */
const PREFIX = 'ordotype-kept ';

function keyOf(name: string): string {
    return `${PREFIX}${window.location.pathname}${window.location.search} ${name}`;
}

export function keptValue(name: string): unknown {
    const text = sessionStorage.getItem(keyOf(name));
    try {
        return text === null ? null : JSON.parse(text);
    } catch {
        return null;
    }
}

export function keep(name: string, value: unknown): void {
    try {
        sessionStorage.setItem(keyOf(name), JSON.stringify(value));
    } catch {
        // A window whose store is full or forbidden still has what was typed on the page.
    }
}

export function forget(name: string): void {
    sessionStorage.removeItem(keyOf(name));
}

/** Who signs out leaves nothing for who comes next. */
export function forgetAll(): void {
    Object.keys(sessionStorage)
        .filter((key) => key.startsWith(PREFIX))
        .forEach((key) => sessionStorage.removeItem(key));
}

/** Like `useState` for a text; what is empty is forgotten. */
export function useKept(name: string): [string, (next: string) => void] {
    const [text, setText] = useState(() => {
        const kept = keptValue(name);
        return typeof kept === 'string' ? kept : '';
    });
    return [
        text,
        (next) => {
            setText(next);
            if (next === '') {
                forget(name);
            } else {
                keep(name, next);
            }
        },
    ];
}
