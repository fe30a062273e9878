import type { ReactNode } from 'react';

/** The frame of the places one comes to before one is in. */
export function Door({ children }: { children: ReactNode }) {
    return (
        <main className="door">
            <div className="door-mark" aria-hidden="true">
                <span />
                <span />
                <span />
                <span />
            </div>
            <div>{children}</div>
        </main>
    );
}
