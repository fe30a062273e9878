import { api, type Schemas, unwrap } from '@api';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';

type Role = Schemas['Session']['user']['role'];

/** Something to go to or to do: a place, a deed, or what was found by its name. */
export interface Find {
    name: string;
    /** What kind of thing it is, and by what it is told from others. */
    detail: string;
    /** Where it is. */
    to?: string;
    /** What is pressed there. */
    press?: string;
    /** What is done where one is. */
    run?: () => void;
}

const KINDS: Record<Schemas['Found']['kind'], string> = {
    job: 'job',
    unit: 'unit',
    figure: 'figure',
    scheme: 'scheme',
    record: 'record',
    'figure-type': 'figure type',
    paint: 'paint',
};

function addressOf({ kind, id, job, unit, name }: Schemas['Found']): string {
    const at = `/jobs/${String(job)}`;
    switch (kind) {
        case 'job':
            return at;
        case 'unit':
            return `${at}?find=${encodeURIComponent(name)}`;
        case 'figure':
            return `${at}?unit=${String(unit)}&figure=${String(id)}`;
        case 'scheme':
            return `/schemes/${String(id)}`;
        case 'record':
            return `/records/${String(id)}`;
        case 'figure-type':
            return `/studio/figure-types/${String(id)}`;
        case 'paint':
            return `/studio/paints?find=${encodeURIComponent(name)}`;
    }
}

/** What of the studio has these words in its name. */
export function foundOptions(words: string) {
    return queryOptions({
        queryKey: ['found', words],
        queryFn: async ({ signal }) => {
            const found = await unwrap(api.GET('/api/found', { params: { query: { words } }, signal }));
            return found.map((one): Find => ({
                to: addressOf(one),
                name: one.name,
                detail: [KINDS[one.kind], one.detail].filter((part) => part !== '').join(', '),
            }));
        },
        enabled: words.trim() !== '',
        placeholderData: keepPreviousData,
    });
}

const PLACES: readonly (Find & { roles?: readonly Role[] })[] = [
    { to: '/', name: 'Today', detail: 'what waits' },
    { to: '/standard', name: 'Standard', detail: 'tiers and what they ask' },
    { to: '/standard?panel=proposals', name: 'Changes proposed', detail: 'of the standard', roles: ['lead'] },
    { to: '/schemes', name: 'Schemes', detail: 'colours and ladders' },
    { to: '/jobs', name: 'Jobs', detail: 'what is booked' },
    { to: '/jobs?book', name: 'Book a job', detail: 'a new one', roles: ['lead'] },
    { to: '/bench', name: 'Bench', detail: 'sheets to paint by' },
    { to: '/check', name: 'Check', detail: 'what waits to be checked', roles: ['lead', 'deputy'] },
    { to: '/records', name: 'Records', detail: 'what was signed' },
    { to: '/studio', name: 'Studio', detail: 'people, clearances, figure types, settings' },
    { to: '/help', name: 'Help', detail: 'a page a place, with its picture' },
    { to: '/studio/paints', name: 'Paints', detail: 'what is on the shelf' },
    { to: '/studio/log', name: 'Log', detail: 'what happened in the studio', roles: ['lead'] },
    { to: '/account', name: 'Account', detail: 'password, second factor, sessions' },
    { to: '/standard', press: 'Draft a change', name: 'Draft a change', detail: 'of the standard', roles: ['lead'] },
    { to: '/studio', press: 'Invite somebody', name: 'Invite somebody', detail: 'into the studio', roles: ['lead'] },
    { to: '/studio/figure-types/new', name: 'New figure type', detail: 'its areas, from a list or a picture', roles: ['lead'] },
    { to: '/studio/paints', press: 'Add a paint', name: 'Add a paint', detail: 'to the shelf', roles: ['lead'] },
    { to: '/studio/paints', press: 'From a list', name: 'Paints from a list', detail: 'a file of them', roles: ['lead'] },
    { to: '/records', press: 'Verify again', name: 'Verify the records', detail: 'each against the next' },
];

/** Places and deeds in which all of the words stand, those that begin so first; without words, all of them. */
export function placesOf(words: string, role: Role): Find[] {
    return matching(
        words,
        PLACES.filter(({ roles }) => roles === undefined || roles.includes(role)),
    );
}

/** Those in which all of the words stand, those that begin so first. */
export function matching(words: string, finds: readonly Find[]): Find[] {
    const wanted = words.toLowerCase().split(/\s+/);
    const begins = ({ name }: Find) => name.toLowerCase().startsWith(wanted[0] ?? '');
    return finds
        .filter(({ name, detail }) => wanted.every((word) => `${name} ${detail}`.toLowerCase().includes(word)))
        .toSorted((one, other) => Number(begins(other)) - Number(begins(one)));
}
