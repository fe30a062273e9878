/** Days as the API has them, YYYY-MM-DD, reckoned without hours. */

const DAY = 24 * 3600 * 1000;

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

function at(day: string): number {
    return Date.parse(`${day}T00:00:00Z`);
}

export function isDay(text: string): boolean {
    return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(at(text)) && new Date(at(text)).toISOString().startsWith(text);
}

export function addDays(day: string, days: number): string {
    return new Date(at(day) + days * DAY).toISOString().slice(0, 10);
}

/** The same day of another month, or the last that it has. */
export function addMonths(day: string, months: number): string {
    const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
    const first = new Date(Date.UTC(year, month - 1 + months, 1));
    const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
    return dayOf(first.getUTCFullYear(), first.getUTCMonth() + 1, Math.min(date, last)) ?? day;
}

/** Today where the page is. */
export function today(): string {
    const now = new Date();
    return dayOf(now.getFullYear(), now.getMonth() + 1, now.getDate()) ?? '';
}

/** The weeks of the month that a day is in, from Monday, with the days of its neighbours that fill them up. */
export function weeksOf(day: string): string[][] {
    const first = `${day.slice(0, 8)}01`;
    const monday = addDays(first, -((new Date(at(first)).getUTCDay() + 6) % 7));
    const weeks = Array.from({ length: 6 }, (_, week) => Array.from({ length: 7 }, (__, of) => addDays(monday, week * 7 + of)));
    return weeks.filter((week) => week.some((one) => one.startsWith(day.slice(0, 7))));
}

function dayOf(year: number, month: number, date: number): string | null {
    const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`;
    return isDay(text) ? text : null;
}

/** Without a year: the next such day. */
function next(month: number, date: number, now: string): string | null {
    const year = Number(now.slice(0, 4));
    const here = dayOf(year, month, date);
    return here !== null && here >= now ? here : dayOf(year + 1, month, date);
}

/**
 * What somebody types: 2027-01-05, 5 Jan 2027, Tue, 5 January 2027, 5.1.2027 (the day first), 5 Jan and 5.1. for the next
 * such day, and 3 weeks or 10 days from now. Null: it cannot be read.
 */
export function readDay(text: string, now: string): string | null {
    const typed = text
        .trim()
        .toLowerCase()
        .replace(/^[a-z]{3,9},\s*/, '');
    if (isDay(typed)) {
        return typed;
    }
    const later = /^(?:in )?(\d{1,3}) (day|week|month)s?$/.exec(typed);
    if (later !== null) {
        const many = Number(later[1]);
        return later[2] === 'month' ? addMonths(now, many) : addDays(now, many * (later[2] === 'week' ? 7 : 1));
    }
    const named = /^(\d{1,2})\.? ([a-z]{3,9})\.?(?:,? (\d{4}))?$/.exec(typed);
    const numbered = /^(\d{1,2})[./-](\d{1,2})(?:[./-](\d{4})|\.)?$/.exec(typed);
    const read = named ?? numbered;
    if (read === null) {
        return null;
    }
    const month = named === null ? Number(read[2]) : MONTHS.indexOf((read[2] ?? '').slice(0, 3)) + 1;
    return read[3] === undefined ? next(month, Number(read[1]), now) : dayOf(Number(read[3]), month, Number(read[1]));
}
