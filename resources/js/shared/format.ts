/** Minutes as one says them: `40 min`, `2 h 30`. Shown in whole minutes; the core never rounds. */
export function minutes(value: number): string {
    const whole = Math.round(value);
    if (whole < 60) {
        return `${whole} min`;
    }
    const rest = whole % 60;
    return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`;
}

/** How much more is worth a second number: nobody plans by the minute. */
const A_RANGE = 1.05;

/** Minutes that may be more: "2 h 40 to 3 h"; one number where the other says nothing more. */
export function minutesRange(from: number, to: number): string {
    return to < from * A_RANGE ? minutes(from) : `${minutes(from)} to ${minutes(to)}`;
}

/** A small number of minutes, where a whole one would say too little. */
export function fewMinutes(value: number): string {
    return value >= 10 ? String(Math.round(value)) : String(Math.round(value * 10) / 10);
}

export function millimetres(value: number): string {
    return `${value < 1 ? value.toFixed(2) : value.toFixed(1)} mm`;
}

const DATE: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' };

/** A due date, which is a date and no instant. */
/** A day, YYYY-MM-DD, as the application writes days, or with other parts of it. */
export function date(value: string, how = DATE): string {
    return new Date(`${value}T12:00:00Z`).toLocaleDateString('en-GB', { ...how, timeZone: 'UTC' });
}

/** An instant in the time zone of the studio. */
export function instant(value: string, timeZone: string): string {
    return new Date(value).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'short',
        year: 'numeric',
        hour: '2-digit',
        minute: '2-digit',
        timeZone,
    });
}

/** The time of day of an instant in the time zone of the studio. */
export function timeOfDay(value: string, timeZone: string): string {
    return new Date(value).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone });
}

/** An amount in the smallest unit of its currency, as one writes it. */
export function money(amount: number, of: Currency): string {
    const digits = of.currency_decimals;
    return new Intl.NumberFormat('en-GB', {
        style: 'currency',
        currency: of.currency,
        minimumFractionDigits: digits,
        maximumFractionDigits: digits,
    }).format(amount / 10 ** digits);
}

/** An amount as it was typed, in the smallest unit of its currency. */
export function inSmallestUnit(amount: number | null, of: Currency): number | null {
    return amount === null ? null : Math.round(amount * 10 ** of.currency_decimals);
}

/** A currency by its code, and the decimals that its smallest unit makes. */
export interface Currency {
    currency: string;
    currency_decimals: number;
}

export function count(number: number, one: string, many = `${one}s`): string {
    return `${number} ${number === 1 ? one : many}`;
}
