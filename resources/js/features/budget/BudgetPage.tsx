import { jobOptions, useIsTaking } from '@features/jobs';
import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberField } from '@shared/Field';
import { count } from '@shared/format';
import { PageHead } from '@shared/PageHead';
import { Total } from '@shared/Total';
import { useLater } from '@shared/useLater';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { App, Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Curve } from './components/Curve';
import { Groups } from './components/Groups';
import { MoreMinutes } from './components/MoreMinutes';
import { costIn, percent, unitsOf } from './costs';
import { type Asked, type Budget, budgetOptions } from './queries';
import { useTakeMix } from './useTakeMix';

/** Given this budget, which tier for which figures. */
export function BudgetPage() {
    const id = Number(useParams()['job']);
    const job = useQuery(jobOptions(id));
    const { studio, user } = useSession();
    const { message } = App.useApp();
    const [asked, setAsked] = useState<Asked>({ measure: 'minutes', budget: null, fixed: {}, alike: true });
    const query = useQuery(budgetOptions(id, useLater(asked)));
    const take = useTakeMix(id, () => {
        setAsked({ ...asked, fixed: {} });
        void message.success('Taken.');
    });
    const isTaking = useIsTaking(id);
    const say = costIn(asked.measure, studio);
    const units = unitsOf(asked.measure, studio);
    const fix = (group: string, tier: string | null) => {
        const others = Object.entries(asked.fixed).filter(([one]) => one !== group);
        setAsked({ ...asked, fixed: Object.fromEntries(tier === null ? others : [...others, [group, tier]]) });
    };
    const data = query.data?.measure === asked.measure ? query.data : undefined;
    return (
        <div className="budget">
            <PageHead title="Given this budget" sub={job.data?.name ?? ''}>
                <Link to={`/jobs/${String(id)}`}>Back to the job</Link>
            </PageHead>
            <div className="budget-asked">
                {query.data?.has_prices === true && (
                    <Choice
                        label="Counted in"
                        value={asked.measure}
                        options={[
                            { value: 'minutes', label: 'hours by hand' },
                            { value: 'money', label: studio.currency },
                        ]}
                        onChange={(measure) => setAsked({ ...asked, measure, budget: null })}
                    />
                )}
                <NumberField
                    label={asked.measure === 'minutes' ? 'Budget, hours' : `Budget, ${studio.currency}`}
                    value={data === undefined ? undefined : Math.round(((asked.budget ?? data.budget) / units) * 100) / 100}
                    hint="Left out: what the job takes as it is assigned now."
                    onChange={(typed) => setAsked({ ...asked, budget: typed === undefined ? null : Math.round(typed * units) })}
                />
                <Checkbox
                    checked={asked.alike}
                    onChange={(event) => setAsked({ ...asked, alike: event.target.checked, fixed: {} })}
                >
                    Like units stay alike
                </Checkbox>
            </div>
            <ErrorNote error={query.error} />
            {data !== undefined && (
                <>
                    <Totals budget={data} say={say} />
                    <Curve budget={data} say={say} onBudget={(budget) => setAsked({ ...asked, budget })} />
                    {data.chosen === null && (
                        <p className="budget-say" role="alert">
                            <b>Not even the cheapest choice keeps to this budget.</b> The least is {say(data.curve[0]?.cost ?? 0)}
                            .
                        </p>
                    )}
                    <Groups budget={data} say={say} mayChange={user.role === 'lead'} onFix={fix} />
                    <p className="budget-say">
                        {data.settled > 0 && `${count(data.settled, 'figure')} signed off: they stand as they are. `}
                        Prices and minutes are those of the standard and what was agreed; tidying, drying and checks come on top.
                    </p>
                    {user.role === 'lead' && (
                        <Button
                            type="primary"
                            className="budget-take"
                            disabled={isAsNow(data) || query.isPlaceholderData || isTaking}
                            loading={take.isPending}
                            onClick={() => take.mutate(data)}
                        >
                            Take these tiers
                        </Button>
                    )}
                    {user.role === 'lead' && <MoreMinutes job={id} />}
                </>
            )}
        </div>
    );
}

function isAsNow({ chosen, groups }: Budget): boolean {
    return chosen === null || groups.every((group) => group.chosen === group.now);
}

function Totals({ budget, say }: { budget: Budget; say: (cost: number) => string }) {
    return (
        <dl className="totals">
            <Total say="as assigned now" value={`${say(budget.now.cost)} · ${percent(budget.now.seen)} seen`}>
                <Why why={budget.why} about="what is seen" />
            </Total>
            <Total
                say="for this budget"
                value={budget.chosen === null ? '—' : `${say(budget.chosen.cost)} · ${percent(budget.chosen.seen)} seen`}
            />
            <Total say="left of it" value={budget.chosen === null ? '—' : say(budget.budget - budget.chosen.cost)} />
        </dl>
    );
}
