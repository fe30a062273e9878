import type { Schemas } from '@api';
import { Fragment } from 'react';
import { Link } from 'react-router';

type Step = Schemas['FirstStep']['step'];

/** What each step is for, and where it is done. Each is one screen, and each can be left for later. */
const STEPS: Record<Step, { to: string; name: string; why: string }> = {
    standard: {
        to: '/standard',
        name: 'Say what each tier includes',
        why: 'Begin with a ladder that is there, or with your own; put it in force when it reads right.',
    },
    paints: {
        to: '/studio/paints',
        name: 'Put your paints on the shelf',
        why: 'A list from a file, or one by one: name and colour are enough to begin.',
    },
    'figure-types': {
        to: '/studio/figure-types/new',
        name: 'Describe a figure',
        why: 'Its areas, how large they are and what touches what; from this come minutes, order and what is checked.',
    },
    roster: {
        to: '/jobs?book',
        name: 'Book a job and take its roster in',
        why: 'Units, how many, at which tier; pasted, or as the client sent it.',
    },
    scheme: {
        to: '/schemes',
        name: 'Give the force its colours',
        why: 'A ladder of colours for each area; the sheet at the bench mixes from it.',
    },
    bench: { to: '/bench', name: 'Paint a figure by its sheet', why: 'Mark what is done; hand it over when all of it is.' },
    record: {
        to: '/check',
        name: 'Check it and sign it',
        why: 'Turn it, judge it by its tier, and seal its record. Who works alone first says under Studio that own work may be checked.',
    },
};

/** The way of a new studio to its first signed figure. The next one is bold; what was done stands apart. */
export function FirstSteps({ steps }: { steps: readonly Schemas['FirstStep'][] }) {
    const done = steps.filter((step) => step.done);
    const open = steps.filter((step) => !step.done);
    return (
        <section className="first-steps" aria-labelledby="first-steps">
            <h2 id="first-steps">
                To the first signed figure{' '}
                <b className="head-count">
                    {done.length} of {steps.length}
                </b>
            </h2>
            <ol>
                {done.length > 0 && (
                    <li className="first-done">
                        <span>Done</span>
                        <span>
                            {done.map(({ step }, at) => (
                                <Fragment key={step}>
                                    {at > 0 && ' · '}
                                    <Link to={STEPS[step].to}>{STEPS[step].name}</Link>
                                </Fragment>
                            ))}
                        </span>
                    </li>
                )}
                {open.map(({ step }, at) => (
                    <li key={step} className={at === 0 ? 'first-next' : ''}>
                        <Link to={STEPS[step].to}>{STEPS[step].name}</Link>
                        <span>{STEPS[step].why}</span>
                    </li>
                ))}
            </ol>
        </section>
    );
}
