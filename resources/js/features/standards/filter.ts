import type { Schemas } from '@api';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';

type Sheet = Schemas['Sheet'];
type Surface = Schemas['SheetSurface'];

export type Show = 'all' | 'adds' | 'findings';

/** What of a sheet is shown; it is in the address. */
export interface Filter {
    show: Show;
    group: string | null;
    technique: string | null;
    /** Scheme in whose colours plates are shown; null: in greys. */
    colours: number | null;
    keeps: (surface: Surface, sheet: Sheet) => boolean;
    set: (name: 'show' | 'group' | 'technique' | 'colours', value: string | null) => void;
}

export function useFilter(): Filter {
    const [search, setSearch] = useSearchParams();
    const asked = search.get('show');
    const show: Show = asked === 'adds' || asked === 'findings' ? asked : 'all';
    const group = search.get('group');
    const technique = search.get('technique');
    const scheme = Number(search.get('colours'));
    const colours = Number.isInteger(scheme) && scheme > 0 ? scheme : null;
    return useMemo(
        () => ({
            show,
            group,
            technique,
            colours,
            keeps: (surface, sheet) =>
                (group === null || surface.group === group) &&
                (technique === null || asks(sheet, surface, technique)) &&
                (show !== 'findings' || sheet.findings.some((finding) => finding.surface === surface.key)) &&
                (show !== 'adds' || differs(sheet, surface)),
            set: (name, value) =>
                setSearch(
                    (before) => {
                        const next = new URLSearchParams(before);
                        if (value === null || value === 'all') {
                            next.delete(name);
                        } else {
                            next.set(name, value);
                        }
                        return next;
                    },
                    { replace: true },
                ),
        }),
        [show, group, technique, colours, setSearch],
    );
}

function asks(sheet: Sheet, surface: Surface, technique: string): boolean {
    return sheet.cells.some(
        (cell) => cell.surface === surface.key && cell.uses.some((use) => use.techniques.includes(technique)),
    );
}

/** Whether any tier does something on this surface that the one below does not. */
function differs(sheet: Sheet, surface: Surface): boolean {
    return sheet.cells.some((cell) => cell.surface === surface.key && cell.uses.some((use) => use.rise !== 'same'));
}
