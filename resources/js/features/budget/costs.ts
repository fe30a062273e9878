import { minutes, money } from '@shared/format';
import type { Measure } from './queries';

type Currency = Parameters<typeof money>[1];

/** A cost as one says it. */
export function costIn(measure: Measure, currency: Currency) {
    return (cost: number) => (measure === 'minutes' ? minutes(cost) : money(cost, currency));
}

/** A budget is typed in hours, or in the currency; it is sent in minutes, or in its smallest unit. */
export function unitsOf(measure: Measure, currency: Currency): number {
    return measure === 'minutes' ? 60 : 10 ** currency.currency_decimals;
}

export function percent(share: number): string {
    return `${String(Math.round(share * 100))} %`;
}
