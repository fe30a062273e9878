import type { Schemas } from '@api';
import { NumberInput } from '@shared/NumberInput';
import { Input, Select } from 'antd';
import { type CriterionDoc, freeId, type UseDoc, nameOfUse, withMember } from '../document';
import type { Errors } from '../errors';

interface Props {
    criteria: readonly CriterionDoc[];
    uses: readonly UseDoc[];
    schools: readonly Schemas['School'][];
    errors: Errors;
    onChange: (criteria: CriterionDoc[]) => void;
}

const SEVERITIES = [
    { value: 'critical', label: '◆ critical' },
    { value: 'major', label: '▲ major' },
    { value: 'minor', label: '● minor' },
];

/** Sentences that can be true or false of what is seen. */
export function CriteriaEditor({ criteria, uses, schools, errors, onChange }: Props) {
    const set = (i: number, next: CriterionDoc) => onChange(criteria.map((one, j) => (j === i ? next : one)));
    return (
        <div className="criteria-editor">
            <h3>Judged by</h3>
            <ol>
                {criteria.map((criterion, i) => (
                    <li key={i}>
                        <Criterion
                            criterion={criterion}
                            number={i + 1}
                            uses={uses}
                            schools={schools}
                            errors={(path) => errors(`criteria.${i}.${path}`)}
                            onChange={(next) => set(i, next)}
                            onRemove={() => onChange(criteria.filter((_, j) => j !== i))}
                        />
                    </li>
                ))}
            </ol>
            <button
                type="button"
                className="plain-button"
                onClick={() =>
                    onChange([
                        ...criteria,
                        {
                            id: freeId(
                                'sentence',
                                criteria.map((one) => one.id),
                            ),
                            text: '',
                            severity: 'minor',
                        },
                    ])
                }
            >
                Add a sentence
            </button>
        </div>
    );
}

interface OneProps {
    criterion: CriterionDoc;
    number: number;
    uses: readonly UseDoc[];
    schools: readonly Schemas['School'][];
    errors: Errors;
    onChange: (criterion: CriterionDoc) => void;
    onRemove: () => void;
}

function Criterion({ criterion, number, uses, schools, errors, onChange, onRemove }: OneProps) {
    const presumed = Object.entries(criterion.presumes ?? {}).map(([question, choice]) => `${question} ${choice}`);
    const wrong = ['text', 'severity', 'uses', 'feature', 'size_mm', 'id'].map(errors).find((one) => one !== undefined);
    return (
        <div className="criterion-editor">
            <Input.TextArea
                aria-label={`Sentence ${number}`}
                autoSize
                value={criterion.text}
                placeholder="What is true of good work here, as one sentence"
                onChange={(event) => onChange({ ...criterion, text: event.target.value })}
            />
            <div className="criterion-row">
                <Select
                    aria-label={`Severity of sentence ${number}`}
                    value={criterion.severity}
                    options={SEVERITIES}
                    onChange={(severity: string) => onChange({ ...criterion, severity })}
                />
                <Select
                    aria-label={`Layers that sentence ${number} judges`}
                    mode="multiple"
                    className="grow"
                    placeholder="judges the whole area"
                    value={criterion.uses ?? []}
                    options={uses.map((use) => ({ value: nameOfUse(use), label: nameOfUse(use) }))}
                    onChange={(judged: string[]) =>
                        onChange(withMember(criterion, 'uses', judged.length === 0 ? undefined : judged))
                    }
                />
                <button
                    type="button"
                    aria-label={`Take out sentence ${number}`}
                    className="plain-button small"
                    onClick={onRemove}
                >
                    ×
                </button>
            </div>
            <div className="criterion-row">
                <Input
                    aria-label={`Piece that sentence ${number} speaks of`}
                    placeholder="of each piece"
                    value={criterion.feature ?? ''}
                    onChange={(event) => onChange(withMember(criterion, 'feature', event.target.value))}
                />
                <NumberInput
                    aria-label={`Size in millimetres that sentence ${number} speaks of`}
                    placeholder="size, mm"
                    value={criterion.size_mm ?? null}
                    step={0.1}
                    onChange={(size) => onChange(withMember(criterion, 'size_mm', size))}
                />
                <Select
                    aria-label={`Schools that sentence ${number} presumes`}
                    mode="multiple"
                    className="grow"
                    placeholder="holds for every school"
                    value={presumed}
                    showSearch={{ optionFilterProp: 'label' }}
                    options={schools.map((school) => ({
                        label: school.name,
                        options: school.choices.map((choice) => ({
                            value: `${school.id} ${choice.id}`,
                            label: `${school.name}: ${choice.name}`,
                        })),
                    }))}
                    onChange={(chosen: string[]) =>
                        onChange(withMember(criterion, 'presumes', chosen.length === 0 ? undefined : byQuestion(chosen)))
                    }
                />
            </div>
            {wrong !== undefined && (
                <p className="field-error" role="alert">
                    ◆ {wrong}
                </p>
            )}
        </div>
    );
}

/** "lights every-edge" as a choice for a question. */
function byQuestion(chosen: readonly string[]): Record<string, string> {
    const choices: Record<string, string> = {};
    for (const one of chosen) {
        const [question = '', choice = ''] = one.split(' ', 2);
        choices[question] = choice;
    }
    return choices;
}
