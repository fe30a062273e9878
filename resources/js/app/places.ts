/** The place that an address belongs to: a bench sheet is Bench, whatever job it is of. */
export function placeOf(path: string): string {
    const within = /^\/jobs\/\d+\/(bench|mend|check)/.exec(path)?.[1];
    return within === undefined ? `/${path.split('/')[1] ?? ''}` : within === 'check' ? '/check' : '/bench';
}

/** The page of help for a place; on such a page, itself. */
export function helpOf(path: string): string {
    const place = placeOf(path);
    return place === '/help' ? path : `/help${place === '/' ? '/today' : place}`;
}
