import { date } from '@shared/format';

/** Where moments lie on a sheet of days. Moments are read as they are written, in the time of the studio, wherever the reader is. */

export interface Sheet {
    /** Days from the first to the last, as YYYY-MM-DD. */
    days: readonly string[];
    /** Minutes after midnight at which the earliest sitting of any day begins and the latest ends. */
    from: number;
    until: number;
}

interface Span {
    from: string;
    until: string;
}

const DAY_MS = 86_400_000;

function dayOf(moment: string): string {
    return moment.slice(0, 10);
}

function minuteOf(moment: string): number {
    return Number(moment.slice(11, 13)) * 60 + Number(moment.slice(14, 16)) + Number(moment.slice(17, 19)) / 60;
}

/** The days that sittings lie on, with those between them. */
export function sheetOf(sittings: readonly Span[]): Sheet {
    if (sittings.length === 0) {
        return { days: [], from: 0, until: 0 };
    }
    const all = sittings.map((sitting) => dayOf(sitting.from)).sort();
    const days: string[] = [];
    for (let day = Date.parse(`${all[0]}T12:00:00Z`); day <= Date.parse(`${all.at(-1)}T12:00:00Z`); day += DAY_MS) {
        days.push(new Date(day).toISOString().slice(0, 10));
    }
    return {
        days,
        from: Math.min(...sittings.map((sitting) => minuteOf(sitting.from))),
        // A sitting may end at midnight.
        until: Math.max(...sittings.map((sitting) => minuteOf(sitting.until) || 1440)),
    };
}

/** Left edge and width of a span, in days of the sheet. */
export function placeOf(sheet: Sheet, span: Span): { left: number; width: number } {
    const length = Math.max(sheet.until - sheet.from, 1);
    const left = sheet.days.indexOf(dayOf(span.from)) + (minuteOf(span.from) - sheet.from) / length;
    return { left, width: ((minuteOf(span.until) || 1440) - minuteOf(span.from)) / length };
}

/** Where a moment lies, in days of the sheet; null before the first and after the last. */
export function momentOf(sheet: Sheet, moment: string): number | null {
    const day = sheet.days.indexOf(dayOf(moment));
    if (day < 0) {
        return null;
    }
    const within = (minuteOf(moment) - sheet.from) / Math.max(sheet.until - sheet.from, 1);
    return day + Math.min(Math.max(within, 0), 1);
}

export function shortDay(day: string): string {
    return date(day, { weekday: 'short', day: 'numeric', month: 'short' });
}

export function clock(moment: string): string {
    return moment.slice(11, 16);
}
