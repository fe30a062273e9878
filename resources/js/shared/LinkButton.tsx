import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** A link that looks like what can be acted on: it leads to another place. */
export function LinkButton({ to, children }: { to: string; children: ReactNode }) {
    return (
        <Link to={to} className="link-as-button">
            {children}
        </Link>
    );
}
