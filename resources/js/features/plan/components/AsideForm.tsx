import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { date } from '@shared/format';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { useDeed } from '../useDeed';

interface Props {
    plan: Schemas['JobPlan'];
    onDone: () => void;
}

/** Sets a job aside with its reason, and says which others are painted earlier then; or takes it up again. */
export function AsideForm({ plan, onDone }: Props) {
    const [because, setBecause] = useState('');
    const aside = useDeed(
        plan,
        (reason: string | null) =>
            unwrap(
                api.PUT('/api/jobs/{job}/aside', {
                    params: { path: { job: plan.job.id } },
                    body: { version: plan.job.version, because: reason },
                }),
            ),
        onDone,
    );
    if (plan.aside !== null) {
        return (
            <form
                className="plan-deed"
                aria-label="Take up again"
                onSubmit={(event) => {
                    event.preventDefault();
                    aside.mutate(null);
                }}
            >
                <p>What is painted stands; the rest is planned again.</p>
                <Button type="primary" htmlType="submit" loading={aside.isPending}>
                    Take it up again
                </Button>
                <ErrorNote error={aside.error} />
            </form>
        );
    }
    return (
        <form
            className="plan-deed"
            aria-label="Set aside"
            onSubmit={(event) => {
                event.preventDefault();
                aside.mutate(because);
            }}
        >
            <Field label="Why it is set aside" error={aside.error?.byField()['because']}>
                {(id) => (
                    <Input
                        id={id}
                        required
                        maxLength={500}
                        value={because}
                        onChange={(event) => setBecause(event.target.value)}
                    />
                )}
            </Field>
            <Button type="primary" htmlType="submit" loading={aside.isPending} disabled={because.trim() === ''}>
                Set it aside
            </Button>
            <p>
                {plan.if_aside.length === 0
                    ? 'No other job would be painted on an earlier day.'
                    : plan.if_aside
                          .map((one) => `${one.job} would be painted on ${date(one.on)} instead of ${date(one.instead_of)}`)
                          .join('; ')}
            </p>
            <ErrorNote error={aside.error} />
        </form>
    );
}
