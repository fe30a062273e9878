/** Ends after so many milliseconds, or at once and with the reason when it is called off. */
export function waited(milliseconds: number, signal: AbortSignal): Promise<void> {
    return new Promise((resolve, reject) => {
        const timer = setTimeout(resolve, milliseconds);
        signal.addEventListener('abort', () => {
            clearTimeout(timer);
            reject(new DOMException('Nobody waits any more.', 'AbortError'));
        });
    });
}
