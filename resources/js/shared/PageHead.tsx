import { type ReactNode, useEffect } from 'react';

interface Props {
    title: string;
    sub?: ReactNode;
    children?: ReactNode;
}

/** The head of a place: its name, what it is about, and what can be done here. */
export function PageHead({ title, sub, children }: Props) {
    useEffect(() => {
        document.title = `${title} · Ordotype`;
    }, [title]);
    return (
        <header className="page-head">
            <h1>{title}</h1>
            {sub !== undefined && <p className="page-sub">{sub}</p>}
            <div className="page-deeds">{children}</div>
        </header>
    );
}
