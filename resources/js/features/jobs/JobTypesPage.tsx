import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { count } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { jobOptions, jobTypesOptions } from './queries';
import { useTakeType } from './useTakeType';

/** The figure types of a job, and what those of the studio are otherwise by now. */
export function JobTypesPage() {
    const id = Number(useParams()['job']);
    const types = useQuery(jobTypesOptions(id));
    const job = useQuery(jobOptions(id));
    return (
        <div className="job-types">
            <PageHead title="Figure types of this job" sub={job.data?.name ?? ''}>
                <Link to={`/jobs/${String(id)}`}>Back to the job</Link>
            </PageHead>
            <p className="job-types-say">
                A job keeps its own copy of each type, so that what is agreed stands whatever the studio changes later. Where the
                studio's is another by now, it can be taken.
            </p>
            <Loaded query={types}>{(data) => <Types job={id} data={data} />}</Loaded>
        </div>
    );
}

function Types({ job, data }: { job: number; data: Schemas['JobTypes'] }) {
    const { user } = useSession();
    const take = useTakeType(job, data.version);
    return (
        <ul className="job-types-list">
            {data.types.map((type) => (
                <li key={type.id}>
                    <h2>{type.name}</h2>
                    <p>
                        {type.size}, {count(type.areas, 'area')}, {count(type.figures, 'figure')} here
                        {type.signed > 0 && `, ${String(type.signed)} of them signed off`}
                    </p>
                    <Changes type={type} />
                    {type.changes.length > 0 && user.role === 'lead' && (
                        <Button loading={take.isPending} disabled={type.signed > 0} onClick={() => take.mutate(type.id)}>
                            Take the studio’s {type.name}
                        </Button>
                    )}
                </li>
            ))}
        </ul>
    );
}

function Changes({ type }: { type: Schemas['JobType'] }) {
    if (type.studio === null) {
        return <p>The studio has no such type; the job keeps its own.</p>;
    }
    if (type.changes.length === 0) {
        return <p>As the studio has it.</p>;
    }
    return (
        <>
            <p>The studio’s is another by now{type.signed > 0 && '; signed figures were judged by this copy, so it stays'}:</p>
            <ul className="job-types-changes">
                {type.changes.map((change) => (
                    <li key={`${change.area ?? ''} ${change.what}`}>
                        {change.area !== null && <b>{change.area}</b>} {change.what}
                    </li>
                ))}
            </ul>
        </>
    );
}
