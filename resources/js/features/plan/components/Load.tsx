import type { Schemas } from '@api';
import { count, date, minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { studioPlanOptions } from '../queries';
import { WeeksBar } from './WeeksBar';

/** Which jobs are painted too late, and how much everybody has to paint. */
export function Load() {
    const plan = useQuery(studioPlanOptions());
    return <Loaded query={plan}>{(data) => <Known plan={data} />}</Loaded>;
}

function Known({ plan }: { plan: Schemas['StudioPlan'] }) {
    const late = plan.jobs.filter((job) => job.days_over !== null || job.promise_over !== null);
    const most = Math.max(1, ...plan.painters.map((painter) => painter.weeks ?? 0));
    return (
        <>
            {late.length > 0 && (
                <section role="note" aria-label="Dates that do not hold">
                    <h2>
                        Dates that do not hold <b className="head-count">{late.length}</b>
                    </h2>
                    <ol className="rows">
                        {late.map((job) => (
                            <li key={job.id}>
                                <Link to={`/jobs/${job.id}/plan`}>
                                    <strong>▲ {job.name}</strong>
                                    <span>{job.painted_on === null ? '' : `painted on ${date(job.painted_on)}`}</span>
                                    <span>
                                        {job.promised_on !== null && job.promise_over !== null
                                            ? `promised for ${date(job.promised_on)}, ${count(job.promise_over, 'day')} too late`
                                            : ''}
                                    </span>
                                    <span className="rows-end">
                                        {job.due !== null && job.days_over !== null
                                            ? `due ${date(job.due)}, ${count(job.days_over, 'day')} too late`
                                            : ''}
                                    </span>
                                </Link>
                            </li>
                        ))}
                    </ol>
                </section>
            )}
            {plan.looks.length > 0 && (
                <section>
                    <h2>
                        Looks between stages <b className="head-count">{plan.looks.length}</b>
                    </h2>
                    <ol className="rows">
                        {plan.looks.map((look) => (
                            <li key={`${look.key} ${look.title}`}>
                                <Link to={`/jobs/${look.job_id}/bench/${look.key}`}>
                                    <strong>{look.unit}</strong>
                                    <span>{look.title}</span>
                                    <span>{count(look.figures, 'figure')}</span>
                                    <span className="rows-end">{look.job}</span>
                                </Link>
                            </li>
                        ))}
                    </ol>
                </section>
            )}
            {plan.painters.length > 0 && (
                <section>
                    <h2>Load</h2>
                    <ol className="rows">
                        {plan.painters.map((painter) => (
                            <li key={painter.painter_id} className="rows-plain">
                                <strong>{painter.painter}</strong>
                                <span>{painter.minutes > 0 ? `${minutes(painter.minutes)} to paint` : 'nothing to paint'}</span>
                                <span>
                                    {painter.weeks !== null && painter.weeks > 0 && (
                                        <WeeksBar weeks={painter.weeks} most={most} />
                                    )}
                                    {painter.week_minutes > 0
                                        ? `${minutes(painter.week_minutes)} a week`
                                        : 'no hours written down'}
                                </span>
                                <span className="rows-end">
                                    {painter.late > 0 && `▲ ${count(painter.late, 'sheet')} too late, `}
                                    {painter.done_on === null ? '' : `through on ${date(painter.done_on)}`}
                                </span>
                            </li>
                        ))}
                        {plan.nobody > 0 && (
                            <li className="rows-plain">
                                <strong>Nobody</strong>
                                <span>{minutes(plan.nobody)} to paint</span>
                                <span>given to no painter yet</span>
                                <span className="rows-end" />
                            </li>
                        )}
                    </ol>
                </section>
            )}
        </>
    );
}
