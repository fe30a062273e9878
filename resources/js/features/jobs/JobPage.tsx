import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { date, minutes } from '@shared/format';
import { LinkButton } from '@shared/LinkButton';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Total } from '@shared/Total';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ChangeJob } from './components/ChangeJob';
import { Grid } from './components/Grid';
import { Questions } from './components/Questions';
import { gridOptions, jobOptions } from './queries';
import { useAssign } from './useAssign';

export function JobPage() {
    const id = Number(useParams()['job']);
    const job = useQuery(jobOptions(id));
    const grid = useQuery(gridOptions(id));
    const { user } = useSession();
    const [changing, setChanging] = useState(false);
    return (
        <Loaded query={job}>
            {(data) => (
                <div className="job">
                    <PageHead
                        title={data.name}
                        sub={`${data.client} · ${data.force} · standard ${data.standard.version}${data.state === 'open' ? '' : ` · ${data.state}`}`}
                    >
                        <LinkButton to={`/jobs/${id}/plan`}>Plan</LinkButton>
                        {user.role === 'lead' && <LinkButton to={`/jobs/${id}/painters`}>Painters</LinkButton>}
                        {user.role === 'lead' && <LinkButton to={`/jobs/${id}/budget`}>Budget</LinkButton>}
                        {user.role === 'lead' && <LinkButton to={`/jobs/${id}/quote`}>Quote</LinkButton>}
                        <LinkButton to={`/jobs/${id}/schools`}>Schools</LinkButton>
                        <LinkButton to={`/jobs/${id}/figure-types`}>Figure types</LinkButton>
                        {user.role === 'lead' && <LinkButton to={`/jobs/${id}/roster`}>Add a roster</LinkButton>}
                        {user.role === 'lead' && <Button onClick={() => setChanging(true)}>Change</Button>}
                    </PageHead>
                    {data.notes !== '' && <p className="job-notes">{data.notes}</p>}
                    {data.wishes.length > 0 && <p className="job-notes">As the client wishes: {data.wishes.join('; ')}.</p>}
                    {changing && <ChangeJob job={data} onClose={() => setChanging(false)} />}
                    <Loaded query={grid}>
                        {(figures) =>
                            figures.units.length === 0 ? (
                                <Empty say="This job has no figures yet. Paste its roster or take it from a CSV file; units, figures and leaders appear here.">
                                    {user.role === 'lead' && <Link to={`/jobs/${id}/roster`}>Take a roster in</Link>}
                                </Empty>
                            ) : (
                                <>
                                    <Totals grid={figures} job={data} />
                                    <Grid grid={figures} job={data} />
                                </>
                            )
                        }
                    </Loaded>
                </div>
            )}
        </Loaded>
    );
}

function Totals({ grid, job }: { grid: Schemas['Grid']; job: Schemas['Job'] }) {
    const { user } = useSession();
    const assign = useAssign(job.id);
    return (
        <>
            <dl className="totals">
                <Total say="figures" value={String(grid.figures)} />
                <Total say="work" value={minutes(grid.minutes)} />
                <Total say="due" value={job.due === null ? 'no date' : date(job.due)} />
                <Total say="without a painter" value={String(grid.unassigned)} />
                <Total say="left out by agreement" value={String(grid.waivers)} />
                <Total say="added by agreement" value={String(grid.additions)} />
                <Total say="signed off" value={`${grid.signed} of ${grid.figures}`} />
            </dl>
            <Questions job={job} questions={grid.questions} mayAnswer={user.role === 'lead'} assign={assign} />
        </>
    );
}
