/** Whether the studio answered when it was last asked. A browser believes itself online with the server away. */
let reached = true;
const listeners = new Set<() => void>();

export function noteReached(now: boolean): void {
    if (now !== reached) {
        reached = now;
        listeners.forEach((listener) => listener());
    }
}

export function isReached(): boolean {
    return reached && navigator.onLine;
}

/** For `useSyncExternalStore`: told when the connection comes or goes. */
export function onConnection(listener: () => void): () => void {
    listeners.add(listener);
    window.addEventListener('online', listener);
    window.addEventListener('offline', listener);
    return () => {
        listeners.delete(listener);
        window.removeEventListener('online', listener);
        window.removeEventListener('offline', listener);
    };
}
