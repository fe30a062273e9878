import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { count, fewMinutes, minutes } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useParams, useSearchParams } from 'react-router';
import { raiseOptions, sheetOptions, standardsOptions } from './queries';

/** What it takes to raise a finished figure a tier or more. */
export function RaisePage() {
    const standards = useQuery(standardsOptions());
    const { version } = useParams();
    return (
        <Loaded query={standards}>
            {(rows) => {
                const row = rows.find((one) => String(one.id) === version) ?? rows[0];
                return row === undefined ? (
                    <PageHead title="Raise a finished figure" sub="There is no standard yet." />
                ) : (
                    <Choosing version={row.id} />
                );
            }}
        </Loaded>
    );
}

function Choosing({ version }: { version: number }) {
    const sheet = useQuery(sheetOptions(version));
    const types = useQuery(figureTypesOptions());
    const [search, setSearch] = useSearchParams();
    return (
        <Loaded query={sheet}>
            {(data) => {
                const tiers = data.tiers.filter((tier) => !tier.retired);
                const from = tiers.find((tier) => tier.key === search.get('from')) ?? tiers[0];
                const above = tiers.filter((tier) => from !== undefined && tier.rank > from.rank);
                const to = above.find((tier) => tier.key === search.get('to')) ?? above[0];
                const type = types.data?.find((one) => String(one.id) === search.get('type')) ?? types.data?.[0];
                const set = (name: string, value: string) =>
                    setSearch((before) => {
                        const next = new URLSearchParams(before);
                        next.set(name, value);
                        return next;
                    });
                const options = (list: readonly Schemas['SheetTier'][]) =>
                    list.map((tier) => ({ value: tier.key, label: tier.name }));
                return (
                    <div className="raise">
                        <PageHead title="Raise a finished figure" sub={`${data.name} ${data.version}`}>
                            <Select
                                aria-label="Figure"
                                className="tool-select"
                                value={type?.id ?? null}
                                options={(types.data ?? []).map((one) => ({ value: one.id, label: one.name }))}
                                onChange={(id) => set('type', String(id))}
                            />
                            <Select
                                aria-label="Finished at"
                                value={from?.key ?? null}
                                options={options(tiers)}
                                onChange={(key) => set('from', key)}
                            />
                            <Select
                                aria-label="Raised to"
                                value={to?.key ?? null}
                                options={options(above)}
                                onChange={(key) => set('to', key)}
                            />
                        </PageHead>
                        {from !== undefined && to !== undefined && type !== undefined ? (
                            <Raised version={version} type={type.id} from={from.key} to={to.key} />
                        ) : (
                            <p className="empty">
                                Choose a figure, its tier and one above.{' '}
                                {types.data?.length === 0 && 'There is no figure type yet; the roster of a job makes one.'}
                            </p>
                        )}
                    </div>
                );
            }}
        </Loaded>
    );
}

function Raised({ version, type, from, to }: { version: number; type: number; from: string; to: string }) {
    const raise = useQuery(raiseOptions(version, type, from, to));
    if (raise.data === undefined) {
        return <ErrorNote error={raise.error} />;
    }
    const { data } = raise;
    return (
        <>
            <p className="raise-sum">
                <b>{minutes(data.minutes)}</b> to raise it from {data.from} to {data.to}; painted so from the start it takes{' '}
                {minutes(data.whole_minutes)}. The lower tier must be complete first. Varnished work needs a matt key coat or a
                light rub before.
                {data.tidy_back_minutes > 0 &&
                    ` With ${minutes(data.tidy_back_minutes)} more for tidying back what messy work soils: all of it has paint already.`}
            </p>
            <div className="raise-columns">
                <section>
                    <h2>Added, in this order</h2>
                    <ol className="raise-order">
                        {data.order.map((step, at) => (
                            <li key={at}>
                                {step.area !== 'figure' && <b>{step.area}</b>} {step.name} {grown(step)}{' '}
                                <span className="use-minutes">{fewMinutes(step.minutes)}</span>
                                <small>{step.why.map((one) => one.sentence).join(' ')}</small>
                            </li>
                        ))}
                        {data.order.length === 0 && <li>nothing</li>}
                    </ol>
                </section>
                <section>
                    <h2>Cannot be added</h2>
                    <ul>
                        {data.blocked.map((one) => (
                            <li key={one.area + one.use}>
                                <b>{one.area}</b>: {one.why}
                            </li>
                        ))}
                        {data.blocked.length === 0 && <li>nothing</li>}
                    </ul>
                </section>
                <section>
                    <h2>Stopping places on the way to {data.to}</h2>
                    {data.stopping.map((place) => (
                        <div key={place.tier}>
                            <h3>
                                {place.name}{' '}
                                <small>{place.passed ? `complete after ${minutes(place.minutes)}` : 'not passed through'}</small>
                            </h3>
                            {place.passed ? (
                                <details>
                                    <summary>{count(place.after.length, 'area')}</summary>
                                    <ul>
                                        {place.after.map((one) => (
                                            <li key={one.area}>
                                                {one.area}: after {one.use}
                                            </li>
                                        ))}
                                    </ul>
                                </details>
                            ) : (
                                <p>{place.missing.map((one) => `${one.area}: ${one.use}`).join('; ')} is never done as far.</p>
                            )}
                        </div>
                    ))}
                </section>
            </div>
        </>
    );
}

/** What is added of a use that is there in part. */
function grown(use: Schemas['RaiseStep']): string {
    return [
        use.degree,
        use.coats === 0 && use.steps > 0 ? `${count(use.steps, 'step')} more` : '',
        use.steps === 0 && use.coats > 0 ? `${count(use.coats, 'coat')} more` : '',
    ]
        .filter((word) => word !== '')
        .join('; ');
}
