import { api, fetchToken, type Schemas, unwrap } from '@api';
import { jobKeys } from '@features/jobs';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';

export type Quotes = Schemas['Quotes'];
export type QuoteHead = Schemas['QuoteHead'];
export type Offer = Schemas['Offer'];
export type Content = Schemas['OfferedContent'];
export type Preview = Schemas['QuotePreview'];

/** What the lead says of a quote, as it is sent: amounts in the smallest unit of the currency. */
export interface Terms {
    valid_until: string;
    text: string;
    by_hand: { key: string; price: number }[];
    materials: { words: string; amount: number }[];
    discount: number;
    tax: number;
    tax_name: string;
    round_to: number;
}

export const quoteKeys = {
    of: (job: number) => [...jobKeys.detail(job), 'quotes'] as const,
};

export function quotesOptions(job: number) {
    return queryOptions({
        queryKey: quoteKeys.of(job),
        queryFn: ({ signal }) => unwrap(api.GET('/api/jobs/{job}/quotes', { params: { path: { job } }, signal })),
    });
}

export function previewOptions(job: number, terms: Terms) {
    return queryOptions<Preview>({
        queryKey: [...jobKeys.detail(job), 'quote-preview', terms],
        queryFn: ({ signal }) =>
            unwrap(api.POST('/api/jobs/{job}/quote-previews', { params: { path: { job } }, body: terms, signal })),
        placeholderData: keepPreviousData,
        retry: false,
    });
}

export function quoteOptions(quote: number) {
    return queryOptions({
        queryKey: ['quote', quote],
        queryFn: ({ signal }) => unwrap(api.GET('/api/quotes/{quote}', { params: { path: { quote } }, signal })),
    });
}

export function makeQuote(job: number, terms: Terms, digest: string) {
    return unwrap(api.POST('/api/jobs/{job}/quotes', { params: { path: { job } }, body: { ...terms, digest } }));
}

export function withdrawQuote(quote: number) {
    return unwrap(api.POST('/api/quotes/{quote}/withdrawal', { params: { path: { quote } } }));
}

export function quotePaper(quote: number): Promise<Blob> {
    return unwrap(api.GET('/api/quotes/{quote}/paper', { params: { path: { quote } }, parseAs: 'blob' }));
}

export function quoteTable(quote: number): Promise<Blob> {
    return unwrap(api.GET('/api/quotes/{quote}/table', { params: { path: { quote } }, parseAs: 'blob' }));
}

export function offerOptions(token: string) {
    return queryOptions({
        queryKey: ['offer', token],
        queryFn: ({ signal }) => unwrap(api.GET('/api/offers/{token}', { params: { path: { token } }, signal })),
        retry: false,
        staleTime: 60_000,
    });
}

export function offerPaper(token: string): Promise<Blob> {
    return unwrap(api.GET('/api/offers/{token}/paper', { params: { path: { token } }, parseAs: 'blob' }));
}

export async function agreeToOffer(token: string, name: string) {
    await fetchToken();
    return unwrap(api.POST('/api/offers/{token}/agreement', { params: { path: { token } }, body: { name } }));
}
