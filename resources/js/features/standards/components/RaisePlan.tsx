import type { Schemas } from '@api';
import { count, fewMinutes, minutes } from '@shared/format';

/** What is added to a finished figure, in its order, what cannot be, and where it could have stopped. */
export function RaisePlan({ plan }: { plan: Schemas['Raise'] }) {
    return (
        <>
            <p className="raise-sum">
                <b>{minutes(plan.minutes)}</b> to raise it from {plan.from} to {plan.to}; painted so from the start it takes{' '}
                {minutes(plan.whole_minutes)}. The lower tier must be complete first. Varnished work needs a matt key coat or a
                light rub before.
                {plan.tidy_back_minutes > 0 &&
                    ` With ${minutes(plan.tidy_back_minutes)} more for tidying back what messy work soils: all of it has paint already.`}
            </p>
            <div className="raise-columns">
                <section>
                    <h2>Added, in this order</h2>
                    <ol className="raise-order">
                        {plan.order.map((step, at) => (
                            <li key={at}>
                                {step.area !== 'figure' && <b>{step.area}</b>} {step.name}
                                {step.degree !== '' && `, ${step.degree}`}{' '}
                                <span className="use-minutes">{fewMinutes(step.minutes)}</span>
                                <small>{step.why.map((one) => one.sentence).join(' ')}</small>
                            </li>
                        ))}
                        {plan.order.length === 0 && <li>nothing</li>}
                    </ol>
                </section>
                <section>
                    <h2>Cannot be added</h2>
                    <ul>
                        {plan.blocked.map((one) => (
                            <li key={one.area + one.use}>
                                <b>{one.area}</b>: {one.why}
                            </li>
                        ))}
                        {plan.blocked.length === 0 && <li>nothing</li>}
                    </ul>
                </section>
                <section>
                    <h2>Stopping places on the way to {plan.to}</h2>
                    {plan.stopping.map((place) => (
                        <div key={place.tier}>
                            <h3>
                                {place.name}{' '}
                                <small>{place.passed ? `complete after ${minutes(place.minutes)}` : 'not passed through'}</small>
                            </h3>
                            {place.passed ? (
                                <details>
                                    <summary>{count(place.after.length, 'area')}</summary>
                                    <ul>
                                        {place.after.map((one) => (
                                            <li key={one.area}>
                                                {one.area}: after {one.use}
                                            </li>
                                        ))}
                                    </ul>
                                </details>
                            ) : (
                                <p>{place.missing.map((one) => `${one.area}: ${one.use}`).join('; ')} is never done as far.</p>
                            )}
                        </div>
                    ))}
                </section>
            </div>
        </>
    );
}
