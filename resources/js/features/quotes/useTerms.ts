import { useSession } from '@features/session';
import { inSmallestUnit } from '@shared/format';
import { useMemo, useState } from 'react';
import type { Quotes, Terms } from './queries';

/** Terms as they are typed, amounts in the currency itself. */
export interface TypedTerms {
    validUntil: string;
    text: string;
    /** Price of a figure by the key of its line. */
    byHand: Readonly<Record<string, number>>;
    materials: readonly { words: string; amount: number | undefined }[];
    discount: number | undefined;
    tax: number | undefined;
    taxName: string;
    /** In units of the currency; undefined: not rounded. */
    roundTo: number | undefined;
}

const DAYS = 30;

function inDays(days: number): string {
    const day = new Date();
    day.setDate(day.getDate() + days);
    return day.toISOString().slice(0, 10);
}

/** The terms of a new quote, begun with those of the last one. */
export function useTerms(last: Quotes['last']) {
    const { studio } = useSession();
    const [typed, setTyped] = useState<TypedTerms>(() => ({
        validUntil: inDays(DAYS),
        text: last?.text ?? '',
        byHand: {},
        materials: (last?.materials ?? []).map(({ words, amount }) => ({
            words,
            amount: amount / 10 ** studio.currency_decimals,
        })),
        discount: last === null || last.discount === 0 ? undefined : last.discount,
        tax: last === null || last.tax === 0 ? undefined : last.tax,
        taxName: last?.tax_name ?? '',
        roundTo: undefined,
    }));
    // One object as long as nothing is typed: the prices are asked for when it is another.
    const terms = useMemo((): Terms => {
        const amount = (value: number | undefined) => inSmallestUnit(value ?? 0, studio) ?? 0;
        return {
            valid_until: typed.validUntil,
            text: typed.text,
            by_hand: Object.entries(typed.byHand).map(([key, price]) => ({ key, price: amount(price) })),
            // A line that nobody has written yet costs nothing and is none.
            materials: typed.materials
                .filter(({ words }) => words.trim() !== '')
                .map((one) => ({ words: one.words, amount: amount(one.amount) })),
            discount: typed.discount ?? 0,
            tax: typed.tax ?? 0,
            tax_name: typed.taxName,
            round_to: Math.max(1, amount(typed.roundTo)),
        };
    }, [typed, studio]);
    return { typed, terms, change: (part: Partial<TypedTerms>) => setTyped((now) => ({ ...now, ...part })) };
}
