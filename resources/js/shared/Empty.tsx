import type { ReactNode } from 'react';

/** An empty place: what goes here, and how to begin. */
export function Empty({ say, children }: { say: string; children?: ReactNode }) {
    return (
        <div className="empty">
            <p>{say}</p>
            {children}
        </div>
    );
}
