import { useQuery } from '@tanstack/react-query';
import { sessionOptions } from './queries';

/** Who is signed in. Used below the shell, which lets nobody else in. */
export function useSession() {
    const session = useQuery(sessionOptions());
    if (session.data === undefined) {
        throw new Error('useSession() stands outside the shell; render it within <Shell>.');
    }
    return session.data;
}
