import type { Schemas } from '@api';
import { count } from '@shared/format';
import type { useAssign } from '../useAssign';
import { useSettle } from '../useSettle';
import { ClientsChoice, Purpose } from './ClientsSay';
import { Silent } from './Silent';
import { WhatIsIt } from './WhatIsIt';

interface Props {
    job: Schemas['Job'];
    questions: Schemas['Grid']['questions'];
    mayAnswer: boolean;
    assign: ReturnType<typeof useAssign>;
}

/** What is to be settled before work: each question with its answers. Everything else is worked out. */
export function Questions({ job, questions, mayAnswer, assign }: Props) {
    const settle = useSettle(job);
    const { purpose, choices, unsure, silent } = questions;
    const open = Number(purpose) + choices.length + unsure.length + silent.length;
    if (open === 0) {
        return null;
    }
    const disabled = settle.isPending;
    return (
        <section className="questions" aria-label="Questions to settle">
            <p>
                <b>{count(open, 'question')} to settle before work.</b> Everything else is worked out.
            </p>
            <ul>
                {purpose && <Purpose mayAnswer={mayAnswer} disabled={disabled} onAnswer={(said) => settle.purpose(job, said)} />}
                {choices.map((choice) => (
                    <ClientsChoice
                        key={choice.question}
                        asked={choice}
                        mayAnswer={mayAnswer}
                        disabled={disabled}
                        onAnswer={(answer) => settle.wish(choice.question, answer)}
                    />
                ))}
                {unsure.map((area) => (
                    <WhatIsIt
                        key={`${String(area.type_id)} ${area.area}`}
                        asked={area}
                        surfaces={job.surfaces}
                        mayAnswer={mayAnswer}
                        disabled={disabled}
                        onAnswer={(surface) => settle.whatItIs(area, surface)}
                    />
                ))}
                {silent.map((cell) => (
                    <Silent key={`${cell.tier} ${cell.surface}`} job={job} asked={cell} mayAnswer={mayAnswer} assign={assign} />
                ))}
            </ul>
        </section>
    );
}
