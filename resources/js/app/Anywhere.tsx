import { useSession } from '@features/session';
import { lazy, Suspense, useEffect, useState } from 'react';

const Finder = lazy(async () => ({ default: (await import('./Finder')).Finder }));
const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

function isTyping(target: EventTarget | null): boolean {
    return target instanceof Element && target.closest('input, textarea, select, [contenteditable], [role="dialog"]') !== null;
}

/** What is there wherever one is: finding anything, and the keys of the place. */
export function Anywhere() {
    const { studio } = useSession();
    const single = studio.single_keys;
    const [open, setOpen] = useState<'finder' | 'keys' | null>(null);
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            const isFinder = (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'k';
            const isPlain = single && !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target);
            if (isFinder || (isPlain && event.key === '/')) {
                event.preventDefault();
                setOpen('finder');
            } else if (isPlain && event.key === '?') {
                event.preventDefault();
                setOpen('keys');
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, [single]);
    return (
        <>
            <div className="rail-anywhere">
                <button type="button" onClick={() => setOpen('finder')}>
                    Find <kbd>Ctrl K</kbd>
                </button>
                <button type="button" onClick={() => setOpen('keys')}>
                    Keys {single && <kbd>?</kbd>}
                </button>
            </div>
            <Suspense fallback={null}>
                {open === 'finder' && <Finder onClose={() => setOpen(null)} />}
                {open === 'keys' && <KeyList single={single} onClose={() => setOpen(null)} />}
            </Suspense>
        </>
    );
}
