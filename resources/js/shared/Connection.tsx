import { isReached, onConnection } from '@api';
import { count } from './format';
import { useMutationState } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';

/** Said at once when the studio cannot be reached, with what waits to be sent. */
export function Connection() {
    const reached = useSyncExternalStore(onConnection, isReached);
    const waiting = useMutationState({
        filters: { status: 'pending' },
        select: (mutation) => mutation.options.scope !== undefined,
    }).filter(Boolean).length;
    const kept = !reached && waiting > 0;
    useEffect(() => {
        if (!kept) {
            return;
        }
        const warn = (event: BeforeUnloadEvent) => event.preventDefault();
        window.addEventListener('beforeunload', warn);
        return () => {
            window.removeEventListener('beforeunload', warn);
        };
    }, [kept]);
    return (
        <p className="connection" role="status" hidden={reached}>
            {!reached && 'The studio cannot be reached. '}
            {!reached && waiting === 0 && 'What you typed stays on the page; it is not stored yet.'}
            {kept &&
                `${count(waiting, 'entry', 'entries')} waiting here, sent in order as soon as it answers. Leave this window open.`}
        </p>
    );
}
