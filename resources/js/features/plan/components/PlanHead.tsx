import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { count, date, instant, minutes } from '@shared/format';
import { Total } from '@shared/Total';
import { Why } from '@shared/Why';
import { Link } from 'react-router';

type Plan = Schemas['JobPlan'];

/** The numbers of a plan, what keeps it from having a day, and the ways out where it is late. */
export function PlanHead({ plan }: { plan: Plan }) {
    const { studio } = useSession();
    return (
        <>
            <dl className="totals">
                <Total say="to paint" value={minutes(plan.minutes)} />
                <Total say="painted on" value={plan.painted_on === null ? paintedWords(plan) : date(plan.painted_on)}>
                    <Why why={plan.why} about="the plan" />
                </Total>
                <Total say="due" value={plan.job.due === null ? 'no date' : date(plan.job.due)} />
                <Total say="promised" value={plan.promised === null ? 'nothing' : date(plan.promised.on)} />
            </dl>
            {plan.aside !== null && (
                <p className="plan-note" role="note">
                    <b>Set aside</b> by {plan.aside.by}, {instant(plan.aside.at, studio.time_zone)}: {plan.aside.because} Nobody’s
                    hours are planned for it until it is taken up again.
                </p>
            )}
            {(plan.days_over !== null || (plan.promised?.days_over ?? null) !== null) && <Late plan={plan} />}
            {plan.open.length > 0 && (
                <div className="plan-note" role="note">
                    <b>{plan.painted_on === null ? 'It has no day yet.' : 'Not in the plan.'}</b>
                    <ul>
                        {plan.open.map((sentence) => (
                            <li key={sentence}>{sentence}</li>
                        ))}
                    </ul>
                    Painters are given in <Link to={`/jobs/${plan.job.id}`}>the job</Link>, hours under{' '}
                    <Link to="/studio">Studio</Link>.
                </div>
            )}
        </>
    );
}

function paintedWords(plan: Plan): string {
    return plan.rows.length > 0 ? 'no day' : plan.aside === null ? 'nothing is left' : 'set aside';
}

function Late({ plan }: { plan: Plan }) {
    return (
        <section className="plan-note" aria-label="Late">
            {plan.promised?.days_over != null && (
                <p>
                    ▲ <b>Promised for {date(plan.promised.on)}</b> by {plan.promised.by}: as it stands,{' '}
                    {count(plan.promised.days_over, 'day')} too late.
                </p>
            )}
            {plan.days_over !== null && (
                <>
                    <p>
                        ▲ <b>{count(plan.days_over, 'day')} after it is due.</b> The cheapest ways out:
                    </p>
                    <ul>
                        {plan.ways.map((way) => (
                            <li key={way.kind}>
                                {way.say} <b>{date(way.on)}</b>
                                {way.in_time ? ', in time' : ''}
                            </li>
                        ))}
                    </ul>
                </>
            )}
        </section>
    );
}
