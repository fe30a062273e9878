import type { ApiError } from '@api';
import { useSession } from '@features/session';
import { SidePanel } from '@shared/SidePanel';
import { ErrorNote } from '@shared/ErrorNote';
import { date, instant, money } from '@shared/format';
import { saveFile } from '@shared/saveFile';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { type QuoteHead, quoteKeys, quoteOptions, quotePaper, quoteTable, withdrawQuote } from '../queries';
import { OfferContent } from './OfferContent';

const STATES: Readonly<Record<QuoteHead['state'], string>> = {
    open: 'open',
    agreed: 'agreed',
    withdrawn: 'withdrawn',
    expired: 'too old',
};

/** The quotes of a job, the latest first, each as it was offered. */
export function Earlier({ quotes, job }: { quotes: readonly QuoteHead[]; job: number }) {
    const { studio } = useSession();
    const client = useQueryClient();
    const [shown, setShown] = useState<QuoteHead | null>(null);
    const withdrawing = useMutation({
        mutationFn: withdrawQuote,
        onSettled: () => void client.invalidateQueries({ queryKey: quoteKeys.of(job) }),
    });
    const saving = useMutation<null, ApiError, { fetch: () => Promise<Blob>; name: string }>({
        mutationFn: async ({ fetch, name }) => {
            saveFile(await fetch(), name);
            return null;
        },
    });
    if (quotes.length === 0) {
        return null;
    }
    return (
        <section className="quote-earlier">
            <h2>Quotes of this job</h2>
            <ErrorNote error={withdrawing.error ?? saving.error} />
            <ul>
                {quotes.map((quote) => (
                    <li key={quote.id}>
                        <b>Quote {quote.number}</b>
                        <span>{money(quote.total, studio)}</span>
                        <span>
                            {STATES[quote.state]}
                            {quote.agreed_by !== null &&
                                quote.agreed_at !== null &&
                                ` by ${quote.agreed_by}, ${instant(quote.agreed_at, studio.time_zone)}`}
                            {quote.state === 'open' && ` until ${date(quote.valid_until)}`}
                        </span>
                        <span className="quote-deeds">
                            <Button size="small" onClick={() => setShown(quote)} aria-label={`Read quote ${quote.number}`}>
                                Read
                            </Button>
                            <Button
                                size="small"
                                aria-label={`PDF of quote ${quote.number}`}
                                onClick={() =>
                                    saving.mutate({
                                        fetch: () => quotePaper(quote.id),
                                        name: `quote-${String(quote.number)}.pdf`,
                                    })
                                }
                            >
                                PDF
                            </Button>
                            <Button
                                size="small"
                                aria-label={`Table of quote ${quote.number}`}
                                onClick={() =>
                                    saving.mutate({
                                        fetch: () => quoteTable(quote.id),
                                        name: `quote-${String(quote.number)}.csv`,
                                    })
                                }
                            >
                                Table
                            </Button>
                            {quote.state === 'open' && (
                                <Button
                                    size="small"
                                    aria-label={`Withdraw quote ${quote.number}`}
                                    loading={withdrawing.isPending}
                                    onClick={() => withdrawing.mutate(quote.id)}
                                >
                                    Withdraw
                                </Button>
                            )}
                        </span>
                    </li>
                ))}
            </ul>
            {shown !== null && <Shown quote={shown} onClose={() => setShown(null)} />}
        </section>
    );
}

function Shown({ quote, onClose }: { quote: QuoteHead; onClose: () => void }) {
    const { data, error } = useQuery(quoteOptions(quote.id));
    const save = () => {
        if (data !== undefined) {
            saveFile(
                new Blob([JSON.stringify(data.content, null, 2)], { type: 'application/json' }),
                `quote-${String(quote.number)}.json`,
            );
        }
    };
    return (
        <SidePanel over={720} onClose={onClose} title={`Quote ${String(quote.number)}`}>
            <ErrorNote error={error} />
            {data !== undefined && (
                <>
                    <OfferContent offer={data} />
                    <Button size="small" onClick={save}>
                        Save as JSON
                    </Button>
                </>
            )}
        </SidePanel>
    );
}
