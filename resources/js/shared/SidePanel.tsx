import { Button } from 'antd';
import { type ReactNode, useLayoutEffect, useRef } from 'react';

interface Props {
    title: string;
    /** Whether what was typed is stored. */
    state?: string;
    onClose: () => void;
    /** What stays in sight below what scrolls; it lies over none of it. */
    foot?: ReactNode;
    children: ReactNode;
}

/** What stands beside the sheet, not over it. */
export function SidePanel({ title, state = '', onClose, foot, children }: Props) {
    const panel = useRef<HTMLElement>(null);
    const from = useRef<Element | null>(null);
    useLayoutEffect(() => {
        const here = panel.current;
        if (here?.contains(document.activeElement) !== true) {
            from.current = document.activeElement;
        }
        here?.focus();
    }, [title]);
    useLayoutEffect(() => {
        const here = panel.current;
        return () => {
            // Who closes the panel goes on where it was opened; who is elsewhere already stays there.
            const isHere = here?.contains(document.activeElement) === true || document.activeElement === document.body;
            if (isHere && from.current instanceof HTMLElement && from.current.isConnected) {
                from.current.focus();
            }
        };
    }, []);
    return (
        <aside
            ref={panel}
            className="side"
            aria-label={title}
            tabIndex={-1}
            onKeyDown={(event) => {
                if (event.key === 'Escape' && !event.defaultPrevented) {
                    onClose();
                }
            }}
        >
            <header className="side-head">
                <h2>{title}</h2>
                <span className="side-state" role="status">
                    {state}
                </span>
                <Button size="small" onClick={onClose}>
                    Close
                </Button>
            </header>
            <div className="side-body">{children}</div>
            {foot !== undefined && <footer className="side-foot">{foot}</footer>}
        </aside>
    );
}
