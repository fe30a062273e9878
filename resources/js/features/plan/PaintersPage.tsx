import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { count, date, minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Why } from '@shared/Why';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { PainterCell } from './components/PainterCell';
import { paintersOptions } from './queries';

/** Who could paint the units that nobody has yet, who should, and giving them. */
export function PaintersPage() {
    const job = Number(useParams()['job']);
    const [search, setSearch] = useSearchParams();
    const anew = search.has('anew');
    const painters = useQuery(paintersOptions(job, anew));
    return (
        <Loaded query={painters}>
            {(data) => (
                <div className="painters">
                    <PageHead title="Who paints what" sub={data.job.name}>
                        <Checkbox checked={anew} onChange={(event) => setSearch(event.target.checked ? { anew: '' } : {})}>
                            Also what is given and not begun
                        </Checkbox>
                        <Link to={`/jobs/${String(data.job.id)}/plan`}>Plan</Link>
                        <Link to={`/jobs/${String(data.job.id)}`}>Back to the job</Link>
                    </PageHead>
                    {data.people.length === 0 ? (
                        <p className="empty">
                            Nobody has hours at the bench yet, so nobody can be proposed.{' '}
                            <Link to="/studio">Write them down</Link> under Studio.
                        </p>
                    ) : data.rows.length === 0 ? (
                        <p className="empty">Every unit of this job with something before it has a painter.</p>
                    ) : (
                        <Proposal key={data.rows.map((row) => `${String(row.unit)}.${String(row.version)}`).join()} data={data} />
                    )}
                </div>
            )}
        </Loaded>
    );
}

function Proposal({ data }: { data: Schemas['Painters'] }) {
    const [chosen, setChosen] = useState<Readonly<Record<number, number | null>>>(() =>
        Object.fromEntries(data.rows.map((row) => [row.unit, row.proposed])),
    );
    const client = useQueryClient();
    const given = data.rows.filter((row) => (chosen[row.unit] ?? null) !== row.painter);
    const giving = useMutation({
        mutationFn: () =>
            unwrap(
                api.PATCH('/api/jobs/{job}/rows', {
                    params: { path: { job: data.job.id } },
                    body: {
                        rows: given.map((row) => ({
                            unit: row.unit,
                            version: row.version,
                            figures: null,
                            painter_id: chosen[row.unit] ?? null,
                        })),
                    },
                }),
            ),
        onSettled: () =>
            Promise.all(['jobs', 'plan', 'bench', 'today'].map((of) => client.invalidateQueries({ queryKey: [of] }))),
    });
    return (
        <>
            <p className="painters-say">
                {data.late > 0 ? (
                    <>
                        <b>▲ {minutes(data.late)} too much</b> until the days that are due, however it is given:{' '}
                        <Link to={`/jobs/${String(data.job.id)}/plan`}>the plan has ways out</Link>.
                    </>
                ) : (
                    <b>All of it can be in time.</b>
                )}{' '}
                <Why why={data.why} about="the proposal">
                    {data.is_best ? 'Nobody else would be better.' : 'The best of those that were looked at.'}
                </Why>
            </p>
            <div className="painters-scroll">
                <table className="painters-table">
                    <thead>
                        <tr>
                            <th scope="col">Unit</th>
                            {data.people.map((person) => (
                                <th key={person.id} scope="col">
                                    {person.name}
                                    <small>
                                        {person.free >= 0
                                            ? `${minutes(person.free)} free`
                                            : `▲ ${minutes(-person.free)} over already`}
                                        {data.job.due === null ? ' in four weeks' : ` until ${date(data.job.due)}`}
                                    </small>
                                    {person.alone === 'unsaid' && <small>nothing said of what they may do alone</small>}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {data.rows.map((row) => (
                            <tr key={row.unit}>
                                <th scope="row">
                                    {row.name}
                                    <small>
                                        {count(row.figures, 'figure')}, {row.tiers.join(', ')}, {minutes(row.minutes)}
                                    </small>
                                </th>
                                {row.cells.map((cell) => (
                                    <PainterCell
                                        key={cell.painter}
                                        row={row}
                                        cell={cell}
                                        name={data.people.find((person) => person.id === cell.painter)?.name ?? ''}
                                        isChosen={(chosen[row.unit] ?? null) === cell.painter}
                                        onChoose={(painter) => setChosen({ ...chosen, [row.unit]: painter })}
                                    />
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </table>
            </div>
            <p className="painters-deed">
                <Button type="primary" disabled={given.length === 0} loading={giving.isPending} onClick={() => giving.mutate()}>
                    Give {given.length === 0 ? 'them' : count(given.length, 'unit')} as chosen
                </Button>
                <ErrorNote error={giving.error} />
            </p>
        </>
    );
}
