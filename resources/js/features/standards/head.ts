import type { StandardDoc } from './document';

/** What of a standard belongs to no surface, technique, tier or cell. */
export type Head = Pick<StandardDoc, 'name' | 'version' | 'reference' | 'schools' | 'accepted' | 'notes'>;

export function headOf(document: StandardDoc): Head {
    const { name, version, reference, schools, accepted, notes } = document;
    return {
        name,
        version,
        ...(reference === undefined ? {} : { reference }),
        ...(schools === undefined ? {} : { schools }),
        ...(accepted === undefined ? {} : { accepted }),
        ...(notes === undefined ? {} : { notes }),
    };
}
