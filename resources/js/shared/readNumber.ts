/** What a typed text says as a number, or what is wrong with it. */
export type ReadNumber = { kind: 'number'; value: number } | { kind: 'empty' } | { kind: 'unreadable'; message: string };

/** Spaces that people and spreadsheets put between thousands: plain, no-break, thin, narrow no-break. */
const SPACES = /[ \u00a0\u2009\u202f]/g;

/**
 * Reads a number as it was typed: a comma or a point before the decimals, spaces between thousands. A text with
 * both marks could be two numbers, so it is said and not guessed.
 */
export function readNumber(text: string): ReadNumber {
    const plain = text.replace(SPACES, '').replace(/^[\u2212\u2013]/, '-');
    if (plain === '') {
        return { kind: 'empty' };
    }
    if (plain.includes(',') && plain.includes('.')) {
        return { kind: 'unreadable', message: `“${text}” has a comma and a point; write only the one before the decimals.` };
    }
    return /^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)
        ? { kind: 'number', value: Number(plain.replace(',', '.')) }
        : { kind: 'unreadable', message: `“${text}” is no number.` };
}

/** A number as it stands in a field. */
export function writeNumber(value: number | null | undefined): string {
    return value === null || value === undefined || Number.isNaN(value) ? '' : String(value);
}
