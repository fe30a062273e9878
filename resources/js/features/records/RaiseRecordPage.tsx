import { RaisePlan } from '@features/standards';
import { useSession } from '@features/session';
import { money } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { Link, useParams, useSearchParams } from 'react-router';
import { BookRaise } from './components/BookRaise';
import { raiseOfferOptions } from './queries';

/** A signed figure comes back: to which tier, what that takes, and the job that it is booked in. */
export function RaiseRecordPage() {
    const id = Number(useParams()['record']);
    const [search, setSearch] = useSearchParams();
    const { studio } = useSession();
    const job = search.get('job');
    const offer = useQuery(raiseOfferOptions(id, search.get('to'), job === null ? null : Number(job)));
    const set = (name: string, value: string | null) =>
        setSearch((before) => {
            const next = new URLSearchParams(before);
            if (value === null) {
                next.delete(name);
            } else {
                next.set(name, value);
            }
            return next;
        });
    return (
        <Loaded query={offer}>
            {(data) => (
                <div className="raise">
                    <PageHead title={`Raise ${data.unit}, figure ${String(data.figure)}`} sub={`${data.type} · ${data.standard}`}>
                        <Select
                            aria-label="Raised to"
                            value={data.to}
                            options={data.tiers.map((tier) => ({ value: tier.key, label: tier.name }))}
                            onChange={(to: string) => set('to', to)}
                            popupMatchSelectWidth={false}
                        />
                    </PageHead>
                    <p className="raise-facts">
                        Signed at {data.from}, <Link to={`/records/${String(data.record)}`}>record {data.number}</Link>, in{' '}
                        {data.job}. What it was painted with, and what was agreed for it, goes on; what was left for later is
                        asked.
                    </p>
                    {data.plan === null ? (
                        <p className="empty">There is no tier above {data.from} in this standard.</p>
                    ) : (
                        <>
                            <BookRaise key={data.record} offer={data} onJob={(to) => set('job', to === null ? null : String(to))}>
                                {data.price === null
                                    ? 'Its price is agreed by hand: one of the two tiers has none for it.'
                                    : `${money(data.price, studio)} a figure.`}
                            </BookRaise>
                            <RaisePlan plan={data.plan} />
                        </>
                    )}
                </div>
            )}
        </Loaded>
    );
}
