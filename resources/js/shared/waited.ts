/** Ends after so many milliseconds, or at once and with the reason when it is called off. */
export function waited(milliseconds: number, signal: AbortSignal): Promise<void> {
    return new Promise((resolve, reject) => {
        const calledOff = () => {
            clearTimeout(timer);
            reject(new DOMException('Nobody waits any more.', 'AbortError'));
        };
        const timer = setTimeout(() => {
            // Who waits again and again with one signal leaves nothing behind on it.
            signal.removeEventListener('abort', calledOff);
            resolve();
        }, milliseconds);
        signal.addEventListener('abort', calledOff);
    });
}
