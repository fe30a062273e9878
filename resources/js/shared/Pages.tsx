import { Link, useSearchParams } from 'react-router';

/** The page that the address names, from 1. */
export function usePage(): number {
    const [search] = useSearchParams();
    const page = Number(search.get('page') ?? 1);
    return Number.isInteger(page) && page > 0 ? page : 1;
}

interface Props {
    page: number;
    pages: number;
    all: number;
    /** What is listed, one and several. */
    of: readonly [string, string];
}

/** How many there are in all, and the way to the rest. */
export function Pages({ page, pages, all, of }: Props) {
    const [search] = useSearchParams();
    const to = (number: number) => `?${new URLSearchParams({ ...Object.fromEntries(search), page: String(number) }).toString()}`;
    return (
        <nav className="pages" aria-label="Pages">
            {page > 1 && <Link to={to(page - 1)}>Page before</Link>}
            <span>
                {all} {all === 1 ? of[0] : of[1]}
                {pages > 1 && `, page ${page} of ${pages}`}
            </span>
            {page < pages && <Link to={to(page + 1)}>Next page</Link>}
        </nav>
    );
}
