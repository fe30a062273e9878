import { api, type Schemas, unwrap } from '@api';
import { DateField, today } from '@shared/days';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { Button } from 'antd';
import { useState } from 'react';
import { useDeed } from '../useDeed';

interface Props {
    plan: Schemas['JobPlan'];
    onDone: () => void;
}

/** The day that the client is told; it is kept, so that it is seen when the plan moves past it. */
export function PromiseForm({ plan, onDone }: Props) {
    const [on, setOn] = useState(plan.promised?.on ?? plan.painted_on ?? '');
    const promise = useDeed(
        plan,
        (day: string | null) =>
            unwrap(
                api.PUT('/api/jobs/{job}/promise', {
                    params: { path: { job: plan.job.id } },
                    body: { version: plan.job.version, on: day },
                }),
            ),
        onDone,
    );
    return (
        <form
            className="plan-deed"
            aria-label="Promise a day"
            onSubmit={(event) => {
                event.preventDefault();
                promise.mutate(on === '' ? null : on);
            }}
        >
            <Field label="The day the client is told" error={promise.error?.byField()['on']}>
                {(id) => <DateField id={id} required value={on} min={today()} onChange={setOn} />}
            </Field>
            <Button type="primary" htmlType="submit" loading={promise.isPending}>
                Promise it
            </Button>
            {plan.promised !== null && <Button onClick={() => promise.mutate(null)}>Take the promise back</Button>}
            <ErrorNote error={promise.error} />
        </form>
    );
}
