import type { Schemas } from '@api';
import { minutes } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { schoolEffectsOptions } from '../queries';
import type { SchoolQuestion as Question } from '../useSchools';
import { SchoolSheets } from './SchoolSheets';

interface Props {
    job: number;
    question: Question;
    mayChoose: boolean;
    pending: boolean;
    onChoose: (choice: string | null) => void;
}

/** One question: its choices with what each does to the sheets of the job. */
export function SchoolQuestion({ job, question, mayChoose, pending, onChoose }: Props) {
    const effects = useQuery(schoolEffectsOptions(job, question.id));
    return (
        <section className="job-school" aria-label={question.name}>
            <h2>{question.name}</h2>
            <Loaded query={effects}>
                {(data) => (
                    <>
                        <Holds question={question} effects={data.effects} />
                        {mayChoose && question.own !== null && (
                            <Button disabled={pending} onClick={() => onChoose(null)}>
                                As the standard again
                            </Button>
                        )}
                        <table className="school-effects">
                            <thead>
                                <tr>
                                    <th scope="col">Choice</th>
                                    <th scope="col">Order</th>
                                    <th scope="col">By hand</th>
                                    <th scope="col">Of it tidying</th>
                                    <th scope="col">Changes of paint</th>
                                    <th scope="col">
                                        <Why why={data.why} about={question.name} />
                                    </th>
                                </tr>
                            </thead>
                            <tbody>
                                {data.effects.map((effect) => (
                                    <Effect
                                        key={effect.name}
                                        effect={effect}
                                        mayChoose={mayChoose}
                                        pending={pending}
                                        onChoose={onChoose}
                                    />
                                ))}
                            </tbody>
                        </table>
                        <SchoolSheets effects={data.effects} />
                    </>
                )}
            </Loaded>
        </section>
    );
}

function Holds({ question, effects }: { question: Question; effects: readonly Schemas['SchoolEffect'][] }) {
    const name = (id: string | null) => effects.find((effect) => effect.choice === id)?.name ?? 'left open';
    return (
        <p>
            Standard: <b>{name(question.standard)}</b>. This job:{' '}
            <b>{question.own === null ? 'as the standard' : name(question.own)}</b>.
            {question.surfaces.map((surface) => ` ${surface.name}: ${surface.choice}, whatever is chosen here.`)}
        </p>
    );
}

interface EffectProps {
    effect: Schemas['SchoolEffect'];
    mayChoose: boolean;
    pending: boolean;
    onChoose: (choice: string) => void;
}

function Effect({ effect, mayChoose, pending, onChoose }: EffectProps) {
    const { choice } = effect;
    return (
        <tr className={effect.governs ? 'governs' : undefined}>
            <th scope="row">
                {effect.name}
                {effect.for !== '' && <small>{effect.for}</small>}
            </th>
            <td>
                {effect.order === '' ? 'by what is tidied least, inner before outer' : effect.order}
                {effect.risk !== '' && <small>Mending: {effect.risk}</small>}
            </td>
            <td data-say="by hand">{minutes(effect.minutes)}</td>
            <td data-say="of it tidying">{minutes(effect.tidy_minutes)}</td>
            <td data-say="changes of paint">{effect.changes}</td>
            <td>
                {effect.governs && <b>as it is now</b>}
                {!effect.governs && mayChoose && choice !== null && (
                    <Button disabled={pending} onClick={() => onChoose(choice)}>
                        Paint this job so
                        <span className="unseen">: {effect.name}</span>
                    </Button>
                )}
            </td>
        </tr>
    );
}
