import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { ErrorNote } from '@shared/ErrorNote';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { useParams, useSearchParams } from 'react-router';
import { RaisePlan } from './components/RaisePlan';
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
    return <RaisePlan plan={raise.data} />;
}
