import { Button } from 'antd';
import { type CSSProperties, type ReactNode, useEffect, useLayoutEffect, useRef } from 'react';

interface Props {
    title: string;
    /** Whether what was typed is stored. */
    state?: string;
    onClose: () => void;
    /** Lies over the page at its right, so many pixels wide; left out: it stands beside what the page shows. */
    over?: number;
    /** What stays in sight below what scrolls; it lies over none of it. */
    foot?: ReactNode;
    children: ReactNode;
}

/** What is looked at or changed beside the rest of a page, which can be worked on meanwhile. Escape closes it. */
export function SidePanel({ title, state = '', onClose, over, foot, children }: Props) {
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
    useEffect(() => {
        const close = (event: globalThis.KeyboardEvent) => {
            if (event.key === 'Escape' && event.target === document.body) {
                onClose();
            }
        };
        // What lies over the page goes by Escape also when nothing is in hand.
        if (over !== undefined) {
            document.addEventListener('keydown', close);
        }
        return () => document.removeEventListener('keydown', close);
    }, [over, onClose]);
    return (
        <aside
            ref={panel}
            className={over === undefined ? 'side' : 'side side-over'}
            style={over === undefined ? undefined : ({ '--over': `${String(over)}px` } as CSSProperties & Record<string, string>)}
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
