import type { Schemas } from '@api';
import { AgreeForm } from '@shared/AgreeForm';
import { count } from '@shared/format';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { useAssign } from '../useAssign';

interface Props {
    job: Schemas['Job'];
    asked: Schemas['Grid']['questions']['silent'][number];
    mayAnswer: boolean;
    assign: ReturnType<typeof useAssign>;
}

/** A surface about which a tier says nothing. */
export function Silent({ job, asked, mayAnswer, assign }: Props) {
    const [open, setOpen] = useState(false);
    const tier = job.tiers.find((one) => one.key === asked.tier);
    const surface = job.surfaces.find((one) => one.key === asked.surface)?.name ?? asked.surface;
    return (
        <li>
            <span>
                What does {tier?.name ?? asked.tier} ask of {surface}? ({count(asked.figures, 'figure')})
            </span>
            {mayAnswer && !open && (
                <span className="question-answers">
                    {tier?.by_agreement === true && (
                        <Link to={`/jobs/${String(job.id)}/own/${encodeURIComponent(asked.tier)}`}>Say it for this job</Link>
                    )}
                    <Button size="small" onClick={() => setOpen(true)}>
                        Nothing, as agreed…
                    </Button>
                    {tier?.by_agreement !== true && <Link to="/standard">Say it in the standard</Link>}
                </span>
            )}
            {open && (
                <AgreeForm
                    about={`nothing is asked of ${surface} at ${tier?.name ?? asked.tier}`}
                    deed="Not asked for in this job"
                    onAgree={(reason, agreedWith) => assign.settle(asked, reason, agreedWith)}
                    onClose={() => setOpen(false)}
                />
            )}
        </li>
    );
}
