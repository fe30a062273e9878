import { useSession } from '@features/session';
import { useKeys } from '@shared/useKeys';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { helpOf } from './places';

const Finder = lazy(async () => ({ default: (await import('./Finder')).Finder }));
const KeyList = lazy(async () => ({ default: (await import('./KeyList')).KeyList }));

/** What is there wherever one is: finding anything, and the keys of the place. */
export function Anywhere() {
    const { studio } = useSession();
    const location = useLocation();
    const single = studio.single_keys;
    const [open, setOpen] = useState<'finder' | 'keys' | null>(null);
    useKeys(
        {
            '/': {
                does: 'finds anything by its name, goes to any place, does anything that can be done',
                deed: () => setOpen('finder'),
            },
            '?': { does: 'shows this list', deed: () => setOpen('keys') },
        },
        single,
    );
    // In a field too: it is no letter.
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if ((event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'k') {
                event.preventDefault();
                setOpen('finder');
            }
        };
        window.addEventListener('keydown', onKey);
        return () => window.removeEventListener('keydown', onKey);
    }, []);
    return (
        <>
            <div className="rail-anywhere">
                <button type="button" onClick={() => setOpen('finder')}>
                    Find <kbd>Ctrl K</kbd>
                </button>
                <button type="button" onClick={() => setOpen('keys')}>
                    Keys {single && <kbd>?</kbd>}
                </button>
                <Link to={helpOf(location.pathname)}>Help</Link>
            </div>
            <Suspense fallback={null}>
                {open === 'finder' && <Finder onClose={() => setOpen(null)} />}
                {open === 'keys' && <KeyList single={single} onClose={() => setOpen(null)} />}
            </Suspense>
        </>
    );
}
