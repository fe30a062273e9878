import { useCallback } from 'react';
import { useSearchParams } from 'react-router';

/** What stands beside the sheet; it is in the address, so that it can be sent. */
export type Panel =
    | { kind: 'cell'; tier: string; surface: string }
    | { kind: 'tier'; id: string }
    | { kind: 'surface'; id: string }
    | { kind: 'technique'; id: string }
    | { kind: 'techniques' }
    | { kind: 'schools' }
    | { kind: 'versions' }
    | { kind: 'force' }
    | { kind: 'column'; id: string }
    | { kind: 'hours'; id: string }
    | { kind: 'proposals' }
    | { kind: 'file' };

function read(search: URLSearchParams): Panel | null {
    const id = search.get('of') ?? '';
    switch (search.get('panel')) {
        case 'cell':
            return { kind: 'cell', tier: id, surface: search.get('on') ?? '' };
        case 'tier':
        case 'surface':
        case 'technique':
        case 'column':
        case 'hours':
            return { kind: search.get('panel') as 'tier' | 'surface' | 'technique' | 'column' | 'hours', id };
        case 'techniques':
        case 'schools':
        case 'versions':
        case 'force':
        case 'proposals':
        case 'file':
            return { kind: search.get('panel') as 'techniques' | 'schools' | 'versions' | 'force' | 'proposals' | 'file' };
        default:
            return null;
    }
}

export function usePanel() {
    const [search, setSearch] = useSearchParams();
    const open = useCallback(
        (panel: Panel | null) =>
            setSearch(
                (before) => {
                    const next = new URLSearchParams(before);
                    next.delete('of');
                    next.delete('on');
                    next.delete('panel');
                    if (panel !== null) {
                        next.set('panel', panel.kind);
                        if (panel.kind === 'cell') {
                            next.set('of', panel.tier);
                            next.set('on', panel.surface);
                        } else if ('id' in panel) {
                            next.set('of', panel.id);
                        }
                    }
                    return next;
                },
                { replace: true },
            ),
        [setSearch],
    );
    return { panel: read(search), open };
}
