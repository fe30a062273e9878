import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { AsideForm } from './components/AsideForm';
import { Bars } from './components/Bars';
import { InWords } from './components/InWords';
import { PlanHead } from './components/PlanHead';
import { PromiseForm } from './components/PromiseForm';
import { jobPlanOptions } from './queries';

/** What is painted of a job when, the day that can be promised, and what to do where it is too late. */
export function PlanPage() {
    const plan = useQuery(jobPlanOptions(Number(useParams()['job'])));
    return <Loaded query={plan}>{(data) => <Plan plan={data} />}</Loaded>;
}

function Plan({ plan }: { plan: Schemas['JobPlan'] }) {
    const { user } = useSession();
    const [deed, setDeed] = useState<'promise' | 'aside' | null>(null);
    const [view, setView] = useState<'bars' | 'words'>('bars');
    const done = () => setDeed(null);
    return (
        <div className="plan">
            <PageHead title="Plan" sub={plan.job.name}>
                {user.role === 'lead' && (
                    <>
                        <Button onClick={() => setDeed(deed === 'promise' ? null : 'promise')}>Promise a day</Button>
                        <Button onClick={() => setDeed(deed === 'aside' ? null : 'aside')}>
                            {plan.aside === null ? 'Set aside' : 'Take up again'}
                        </Button>
                    </>
                )}
                <Link to={`/jobs/${plan.job.id}`}>Back to the job</Link>
            </PageHead>
            {deed === 'promise' && <PromiseForm plan={plan} onDone={done} />}
            {deed === 'aside' && <AsideForm plan={plan} onDone={done} />}
            <PlanHead plan={plan} />
            {plan.rows.length > 0 && (
                <>
                    <div className="plan-bar">
                        <Choice
                            label="How it is shown"
                            value={view}
                            options={[
                                { value: 'bars', label: 'Bars' },
                                { value: 'words', label: 'In words' },
                            ]}
                            onChange={setView}
                        />
                    </div>
                    {view === 'bars' ? <Bars plan={plan} /> : <InWords plan={plan} />}
                </>
            )}
        </div>
    );
}
