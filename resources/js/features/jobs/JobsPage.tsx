import type { Schemas } from '@api';
import { JobAhead } from '@features/plan';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { date } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { StateBar } from '@shared/StateBar';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, useSearchParams } from 'react-router';
import { NewJob } from './components/NewJob';
import { jobsOptions } from './queries';

export function JobsPage() {
    const { user } = useSession();
    const [search, setSearch] = useSearchParams();
    const isArchive = search.has('archive');
    const jobs = useQuery(jobsOptions(isArchive));
    const adding = user.role === 'lead' && search.has('book');
    const setAdding = (to: boolean) => setSearch(to ? { book: '' } : {});
    return (
        <>
            <PageHead
                title={isArchive ? 'Archived jobs' : 'Jobs'}
                sub="Each is pinned to the version of the standard it was booked under"
            >
                {user.role === 'lead' && !isArchive && (
                    <Button type="primary" onClick={() => setAdding(true)}>
                        Book a job
                    </Button>
                )}
            </PageHead>
            <Loaded query={jobs}>
                {(list) =>
                    isArchive ? (
                        <Archive jobs={list} />
                    ) : list.length === 0 ? (
                        <Empty say="No job yet. Book one, then paste its roster: unit, figure type, count and tier, a line each." />
                    ) : (
                        <>
                            <JobList jobs={list.filter((job) => job.state === 'open')} isOpen />
                            {list.some((job) => job.state === 'closed') && (
                                <>
                                    <h2 className="list-head">Closed</h2>
                                    <JobList jobs={list.filter((job) => job.state === 'closed')} isOpen={false} />
                                </>
                            )}
                        </>
                    )
                }
            </Loaded>
            {jobs.data !== undefined && (
                <p className="list-foot">
                    {isArchive ? <Link to="/jobs">Back to the jobs</Link> : <Link to="/jobs?archive">Archived jobs</Link>}
                </p>
            )}
            <NewJob open={adding} onClose={() => setAdding(false)} />
        </>
    );
}

function Archive({ jobs }: { jobs: Schemas['JobSummary'][] }) {
    return jobs.length === 0 ? (
        <Empty say="The archive is empty. A job that is closed goes there by Change on its page, and comes back the same way." />
    ) : (
        <JobList jobs={jobs} isOpen={false} />
    );
}

function JobList({ jobs, isOpen }: { jobs: Schemas['JobSummary'][]; isOpen: boolean }) {
    return (
        <table className="list list-stacked">
            <thead>
                <tr>
                    <th scope="col">Job</th>
                    <th scope="col">Client</th>
                    <th scope="col">Due</th>
                    <th scope="col">How far</th>
                    {isOpen && <th scope="col">Left to paint</th>}
                    <th scope="col" className="number">
                        Figures
                    </th>
                    <th scope="col" className="number">
                        Signed off
                    </th>
                </tr>
            </thead>
            <tbody>
                {jobs.map((job) => (
                    <tr key={job.id}>
                        <td>
                            <Link to={`/jobs/${job.id}`}>{job.name}</Link>
                        </td>
                        <td>{job.client}</td>
                        <td>
                            {job.late && <span aria-hidden="true">▲ </span>}
                            {job.due === null ? 'no date' : date(job.due)}
                            {job.late && ', late'}
                        </td>
                        <td>
                            <StateBar states={job.states} />
                        </td>
                        {isOpen && (
                            <td className="wide">
                                <JobAhead job={job.id} />
                            </td>
                        )}
                        <td className="number" data-label="figures">
                            {job.figures}
                        </td>
                        <td className="number" data-label="signed off">
                            {job.signed}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
