import { jobOptions } from '@features/jobs';
import { useSession } from '@features/session';
import { ErrorNote } from '@shared/ErrorNote';
import { minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Total } from '@shared/Total';
import { useLater } from '@shared/useLater';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { Link, useParams } from 'react-router';
import { Earlier } from './components/Earlier';
import { Lines } from './components/Lines';
import { TermsForm } from './components/TermsForm';
import { makeQuote, previewOptions, quoteKeys, type Quotes, quotesOptions } from './queries';
import { useTerms } from './useTerms';

/** What a job is offered at: its prices, the terms, and the link that the client gets. */
export function QuotePage() {
    const id = Number(useParams()['job']);
    const job = useQuery(jobOptions(id));
    const quotes = useQuery(quotesOptions(id));
    return (
        <div className="quote">
            <PageHead title="Quote" sub={job.data?.name ?? ''}>
                <Link to={`/jobs/${String(id)}`}>Back to the job</Link>
            </PageHead>
            <Loaded query={quotes}>{(data) => <NewQuote key={id} job={id} quotes={data} />}</Loaded>
        </div>
    );
}

function NewQuote({ job, quotes }: { job: number; quotes: Quotes }) {
    const { studio } = useSession();
    const client = useQueryClient();
    const { typed, terms, change } = useTerms(quotes.last);
    const later = useLater(terms);
    const preview = useQuery(previewOptions(job, later));
    const making = useMutation({
        mutationFn: (digest: string) => makeQuote(job, terms, digest),
        onSuccess: () => void client.invalidateQueries({ queryKey: quoteKeys.of(job) }),
        onError: () => void preview.refetch(),
    });
    const problems = preview.error?.byField() ?? {};
    const data = preview.data;
    const next = (quotes.quotes[0]?.number ?? 0) + 1;
    const open = quotes.quotes.find((one) => one.state === 'open');
    return (
        <>
            {data !== undefined && (
                <dl className="totals">
                    <Total say="work by hand" value={minutes(data.minutes)} />
                    <Total say="without a price" value={String(data.without_price.length)} />
                    <Total say="quotes so far" value={String(quotes.quotes.length)} />
                </dl>
            )}
            <div className="quote-both">
                <TermsForm typed={typed} problems={problems} byHand={data?.by_hand ?? []} onChange={change} />
                <section className="quote-paper" aria-label="What it costs">
                    <ErrorNote error={preview.error} />
                    {data !== undefined && (
                        <Lines lines={data.lines} materials={terms.materials} sums={data.sums} currency={studio} />
                    )}
                    {data !== undefined && data.without_price.length > 0 && (
                        <p role="note" className="quote-missing">
                            <b>Not in the sum yet:</b>{' '}
                            {data.without_price
                                .map((one) => `${one.unit} at ${one.tier}, ${one.figures} × ${one.size}`)
                                .join('; ')}
                            . Their tier has no price for this size; say what one of them costs.
                        </p>
                    )}
                    {open !== undefined && (
                        <p>
                            Making quote {next} withdraws quote {open.number}: its link shows nothing any more.
                        </p>
                    )}
                    <ErrorNote error={making.error} />
                    <Button
                        type="primary"
                        loading={making.isPending}
                        disabled={
                            data === undefined ||
                            preview.isFetching ||
                            later !== terms ||
                            data.without_price.length > 0 ||
                            data.lines.length === 0
                        }
                        onClick={() => data !== undefined && making.mutate(data.digest)}
                    >
                        Make quote {next}
                    </Button>
                    {making.data !== undefined && (
                        <label className="quote-link">
                            The link for the client; copy it now, it is not shown again
                            <Input readOnly value={making.data.link} onFocus={(event) => event.target.select()} />
                        </label>
                    )}
                </section>
            </div>
            <Earlier quotes={quotes.quotes} job={job} />
        </>
    );
}
