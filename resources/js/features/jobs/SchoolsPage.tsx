import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { SchoolQuestion } from './components/SchoolQuestion';
import { Wishes } from './components/Wishes';
import { schoolsOptions } from './queries';
import { useSchools } from './useSchools';

/** What decides the order of a job's steps where practitioners differ, and what each choice would change. */
export function SchoolsPage() {
    const schools = useQuery(schoolsOptions(Number(useParams()['job'])));
    return <Loaded query={schools}>{(data) => <Schools schools={data} />}</Loaded>;
}

function Schools({ schools }: { schools: Schemas['JobSchools'] }) {
    const { user } = useSession();
    const choose = useSchools(schools);
    return (
        <div className="job-schools">
            <PageHead title="Schools of this job" sub={schools.job.name}>
                <Link to={`/jobs/${schools.job.id}`}>Back to the job</Link>
            </PageHead>
            <p className="job-schools-say">
                What decides the order on the bench where practitioners differ. The same is painted whichever is chosen; what is
                marked stands. A surface or an area with a choice of its own keeps to it.
            </p>
            {schools.questions.map((question) => (
                <SchoolQuestion
                    key={question.id}
                    job={schools.job.id}
                    question={question}
                    mayChoose={user.role === 'lead'}
                    pending={choose.isPending}
                    onChoose={(choice) => choose.mutate({ question: question.id, choice })}
                />
            ))}
            <Wishes schools={schools} mayChoose={user.role === 'lead'} />
        </div>
    );
}
