import type { Schemas } from '@api';
import { AgreeForm } from '@shared/AgreeForm';
import { count } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { useAssign } from '../useAssign';

type Question = Schemas['Grid']['questions'][number];

interface Props {
    job: Schemas['Job'];
    questions: readonly Question[];
    mayAnswer: boolean;
    assign: ReturnType<typeof useAssign>;
}

/** What is to be settled before work: each question with its answers. Everything else is worked out. */
export function Questions({ job, questions, mayAnswer, assign }: Props) {
    const [open, setOpen] = useState<string | null>(null);
    if (questions.length === 0) {
        return null;
    }
    return (
        <section className="questions" aria-label="Questions to settle">
            <p>
                <b>{count(questions.length, 'question')} to settle before work.</b> Everything else is worked out.
            </p>
            <ul>
                {questions.map((question) => {
                    const key = `${question.tier} ${question.surface}`;
                    const tier = job.tiers.find((one) => one.key === question.tier);
                    const surface = job.surfaces.find((one) => one.key === question.surface)?.name ?? question.surface;
                    return (
                        <li key={key}>
                            <span>
                                What does {tier?.name ?? question.tier} ask of {surface}? ({count(question.figures, 'figure')})
                            </span>
                            {mayAnswer && open !== key && (
                                <span className="question-answers">
                                    {tier?.by_agreement === true && (
                                        <Link to={`/jobs/${String(job.id)}/own/${encodeURIComponent(question.tier)}`}>
                                            Say it for this job
                                        </Link>
                                    )}
                                    <Button size="small" onClick={() => setOpen(key)}>
                                        Nothing, as agreed…
                                    </Button>
                                    {tier?.by_agreement !== true && <Link to="/standard">Say it in the standard</Link>}
                                </span>
                            )}
                            {open === key && (
                                <AgreeForm
                                    about={`nothing is asked of ${surface} at ${tier?.name ?? question.tier}`}
                                    deed="Not asked for in this job"
                                    onAgree={(reason, agreedWith) => assign.settle(question, reason, agreedWith)}
                                    onClose={() => setOpen(null)}
                                />
                            )}
                        </li>
                    );
                })}
            </ul>
        </section>
    );
}
