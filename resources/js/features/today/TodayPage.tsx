import type { Schemas } from '@api';
import { JobAhead, Load } from '@features/plan';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { count, date, instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { StateBar } from '@shared/StateBar';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { FirstSteps } from './FirstSteps';
import { todayOptions } from './queries';

export function TodayPage() {
    const { user } = useSession();
    const today = useQuery(todayOptions());
    return (
        <>
            <PageHead title="Today" sub={`What waits for ${user.name}`} />
            <Loaded query={today}>{(data) => <Waiting today={data} isPainter={user.role === 'painter'} />}</Loaded>
        </>
    );
}

function Waiting({ today, isPainter }: { today: Schemas['Today']; isPainter: boolean }) {
    const nothing = today.checks.length + today.refused.length + today.bench.length === 0;
    return (
        <div className="today">
            {today.first_steps !== null && <FirstSteps steps={today.first_steps} />}
            {nothing && today.first_steps === null && (
                <Empty
                    say={
                        isPainter
                            ? 'Nothing is given to you yet. The lead gives units and figures to painters in a job.'
                            : 'Nothing waits to be checked or mended.'
                    }
                >
                    {!isPainter && <Link to="/jobs">Open a job</Link>}
                </Empty>
            )}
            {!today.chain.holds && (
                <section role="alert">
                    <h2>
                        ◆ The chain of records does not hold <b className="head-count">{today.chain.faults}</b>
                    </h2>
                    <ol className="rows">
                        <li>
                            <Link to="/records">
                                <strong>Read what was found</strong>
                                <span>Nothing is signed on trust until this is cleared up; tell the administrator.</span>
                            </Link>
                        </li>
                    </ol>
                </section>
            )}
            {today.proposals > 0 && (
                <section>
                    <h2>
                        Changes of the standard proposed <b className="head-count">{today.proposals}</b>
                    </h2>
                    <ol className="rows">
                        <li>
                            <Link to="/standard?panel=proposals">
                                <strong>Read and answer them</strong>
                            </Link>
                        </li>
                    </ol>
                </section>
            )}
            {today.refused.length > 0 && (
                <Figures
                    title="Sent back, to mend"
                    figures={today.refused}
                    all={today.refused_all}
                    link={(figure) => `/jobs/${figure.job_id}/mend/${figure.id}`}
                />
            )}
            {today.checks.length > 0 && (
                <Figures
                    title="To check"
                    figures={today.checks}
                    all={today.checks_all}
                    more="/check"
                    link={(figure) => `/jobs/${figure.job_id}/check/${figure.id}`}
                />
            )}
            {isPainter && today.bench.length > 0 && <AtTheBench units={today.bench} all={today.bench_all} />}
            {today.jobs.length > 0 && <Jobs jobs={today.jobs} />}
            {!isPainter && today.bench.length > 0 && <AtTheBench units={today.bench} all={today.bench_all} />}
            <Load />
        </div>
    );
}

interface FiguresProps {
    title: string;
    figures: readonly Schemas['WaitingFigure'][];
    /** How many there are in all; the first are listed. */
    all: number;
    /** Where the rest is listed. */
    more?: string;
    link: (figure: Schemas['WaitingFigure']) => string;
}

function Figures({ title, figures, all, more, link }: FiguresProps) {
    const { studio } = useSession();
    return (
        <section>
            <h2>
                {title} <b className="head-count">{all}</b>
            </h2>
            <ol className="rows">
                {figures.map((figure) => (
                    <li key={figure.id}>
                        <Link to={link(figure)}>
                            <strong>
                                {figure.unit}, figure {figure.number}
                                {figure.leader && ', leader'}
                            </strong>
                            <span>{figure.job}</span>
                            <span>
                                {figure.mended.length > 0 && <b>mended: {figure.mended.join(', ')}. </b>}
                                {figure.state === 'mended'
                                    ? 'to be handed over'
                                    : figure.painter === null
                                      ? 'no painter'
                                      : `painted by ${figure.painter}`}
                            </span>
                            <span className="rows-end">
                                {figure.since === null ? '' : `since ${instant(figure.since, studio.time_zone)}`}
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
            {all > figures.length && (
                <p className="pages">
                    {all - figures.length} more
                    {more !== undefined && (
                        <>
                            {' '}
                            under <Link to={more}>{title}</Link>
                        </>
                    )}
                </p>
            )}
        </section>
    );
}

function AtTheBench({ units, all }: { units: readonly Schemas['WaitingUnit'][]; all: number }) {
    return (
        <section>
            <h2>At the bench {all > units.length && <b className="head-count">{all}</b>}</h2>
            <ol className="rows">
                {units.map((unit) => (
                    <li key={unit.unit_id}>
                        <Link to="/bench">
                            <strong>{unit.unit}</strong>
                            <span>{unit.job}</span>
                            <span>{count(unit.figures, 'figure')} to paint</span>
                            <span className="rows-end">{unit.due === null ? '' : `due ${date(unit.due)}`}</span>
                        </Link>
                    </li>
                ))}
            </ol>
            {all > units.length && (
                <p className="pages">
                    {all - units.length} more under <Link to="/bench">Bench</Link>
                </p>
            )}
        </section>
    );
}

function dueWords(job: Schemas['JobSummary']): string {
    if (job.due === null || job.days_left === null) {
        return 'no date';
    }
    const left =
        job.days_left < 0
            ? `${count(-job.days_left, 'day')} late`
            : job.days_left === 0
              ? 'due today'
              : `${count(job.days_left, 'day')} left`;
    return `${date(job.due)}, ${left}`;
}

function Jobs({ jobs }: { jobs: readonly Schemas['JobSummary'][] }) {
    return (
        <section>
            <h2>Jobs under way</h2>
            <ol className="rows">
                {jobs.map((job) => (
                    <li key={job.id}>
                        <Link to={`/jobs/${job.id}`}>
                            <strong>
                                {job.name}
                                <small>{job.client}</small>
                            </strong>
                            <span>
                                <StateBar states={job.states} />
                                {job.signed} of {job.figures} signed off
                            </span>
                            <JobAhead job={job.id} />
                            <span className="rows-end">
                                {job.late && <span aria-hidden="true">▲ </span>}
                                {dueWords(job)}
                            </span>
                        </Link>
                    </li>
                ))}
            </ol>
        </section>
    );
}
