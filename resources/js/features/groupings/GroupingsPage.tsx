import { jobOptions } from '@features/jobs';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { GroupingForm } from './components/GroupingForm';
import { GroupTable } from './components/GroupTable';
import { type Groupings, groupingsOptions } from './queries';

/** The figures of a job as they belong together elsewhere: in another game, on another shelf. */
export function GroupingsPage() {
    const id = Number(useParams()['job']);
    const job = useQuery(jobOptions(id));
    const groupings = useQuery(groupingsOptions(id));
    return (
        <div className="groupings">
            <PageHead title="Grouped otherwise" sub={job.data?.name ?? ''}>
                <Link to={`/jobs/${String(id)}`}>Back to the job</Link>
            </PageHead>
            <Loaded query={groupings}>{(data) => <All job={id} data={data} />}</Loaded>
        </div>
    );
}

/** No id is this: a grouping that is not made yet. */
const NEW = 0;

function All({ job, data }: { job: number; data: Groupings }) {
    const { user } = useSession();
    const [open, setOpen] = useState<number | null>(null);
    const close = () => setOpen(null);
    const isLead = user.role === 'lead';
    return (
        <>
            {data.groupings.length === 0 && open === null && (
                <Empty say="The same figures may stand together otherwise: the units of another game, the shelves of a cabinet. Painting goes by unit as before; here you see how far each group is, and at which tiers.">
                    {isLead && <Button onClick={() => setOpen(NEW)}>Group them otherwise</Button>}
                </Empty>
            )}
            {data.groupings.map((grouping) =>
                open === grouping.id ? (
                    <GroupingForm key={grouping.id} job={job} grouping={grouping} units={data.units} onClose={close} />
                ) : (
                    <GroupTable
                        key={grouping.id}
                        job={job}
                        grouping={grouping}
                        units={data.units}
                        mayChange={isLead}
                        onChange={() => setOpen(grouping.id)}
                    />
                ),
            )}
            {open === NEW && <GroupingForm job={job} grouping={null} units={data.units} onClose={close} />}
            {isLead && open === null && data.groupings.length > 0 && (
                <p className="groupings-more">
                    <Button onClick={() => setOpen(NEW)}>Group them otherwise once more</Button>
                </p>
            )}
        </>
    );
}
