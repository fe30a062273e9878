import type { Schemas } from '@api';
import { NumberInput } from '@shared/NumberInput';
import { Severity } from '@shared/Severity';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { OwnRequirement, OwnUse } from '../useOwnList';

interface Props {
    surface: Schemas['OwnSurface'];
    techniques: Schemas['OwnList']['techniques'];
    mayWrite: boolean;
    pending: boolean;
    onWrite: (requirement: OwnRequirement | null) => void;
}

const SAID = { job: 'said in this job', standard: 'as the standard has it', nothing: '' } as const;

/** What is asked of one surface, lowest layer first; in a plain form where this job says it itself. */
export function OwnSurface({ surface, techniques, mayWrite, pending, onWrite }: Props) {
    const own = surface.said === 'job' ? (surface.document as OwnRequirement) : null;
    return (
        <section className="own-surface" aria-label={surface.name}>
            <h2>
                {surface.name} <small>{SAID[surface.said]}</small>
            </h2>
            {surface.uses.length === 0 && <p>Not asked for.</p>}
            <ol>
                {surface.uses.map((use, i) => (
                    <li key={use.id}>
                        <b>{use.name}</b> <span>{use.degree}</span>{' '}
                        {(!mayWrite || own === null) && <span className="number">{use.minutes} min</span>}
                        {mayWrite && own !== null && (
                            <UseForm
                                use={own.uses[i] ?? {}}
                                name={use.name}
                                pending={pending}
                                onChange={(next) => onWrite({ ...own, uses: own.uses.map((one, at) => (at === i ? next : one)) })}
                                onRemove={() => onWrite(without(own, i, use.id))}
                            />
                        )}
                    </li>
                ))}
            </ol>
            {surface.criteria.length > 0 && (
                <ul className="own-criteria">
                    {surface.criteria.map((one) => (
                        <li key={one.id}>
                            <Severity of={one.severity} bare /> {one.text}
                            {mayWrite && own !== null && (
                                <button
                                    type="button"
                                    className="link-button"
                                    onClick={() =>
                                        onWrite({ ...own, criteria: (own.criteria ?? []).filter(({ id }) => id !== one.id) })
                                    }
                                >
                                    Leave out
                                </button>
                            )}
                        </li>
                    ))}
                </ul>
            )}
            {mayWrite && own !== null && (
                <div className="own-deeds">
                    <AddUse
                        techniques={techniques}
                        pending={pending}
                        onAdd={(use) => onWrite({ ...own, uses: [...own.uses, use] })}
                        taken={surface.uses.map((use) => use.id)}
                    />
                    <Button size="small" onClick={() => onWrite(null)}>
                        Say nothing of it here
                    </Button>
                </div>
            )}
        </section>
    );
}

/** A use taken out, and with it what judged nothing else. */
function without(own: OwnRequirement, at: number, id: string): OwnRequirement {
    const criteria = (own.criteria ?? [])
        .map((one) => (Array.isArray(one['uses']) ? { ...one, uses: one['uses'].filter((use) => use !== id) } : one))
        .filter((one) => !Array.isArray(one['uses']) || one['uses'].length > 0);
    return { ...own, uses: own.uses.filter((_, i) => i !== at), criteria };
}

interface UseFormProps {
    use: OwnUse;
    name: string;
    pending: boolean;
    onChange: (use: OwnUse) => void;
    onRemove: () => void;
}

function UseForm({ use, name, pending, onChange, onRemove }: UseFormProps) {
    const member = (key: string) => (typeof use[key] === 'number' ? use[key] : null);
    const [coats, setCoats] = useState(member('coats') ?? 1);
    const [minutes, setMinutes] = useState(member('minutes') ?? 0);
    const changed = coats !== (member('coats') ?? 1) || minutes !== (member('minutes') ?? 0);
    return (
        <span className="own-use">
            <NumberInput
                aria-label={`Coats of ${name}`}
                size="small"
                whole
                min={1}
                max={20}
                suffix="coats"
                value={coats}
                onChange={(next) => setCoats(next ?? 1)}
            />
            <NumberInput
                aria-label={`Minutes of ${name}`}
                size="small"
                min={0}
                suffix="min"
                value={minutes}
                onChange={(next) => setMinutes(next ?? 0)}
            />
            {changed && (
                <Button size="small" type="primary" loading={pending} onClick={() => onChange({ ...use, coats, minutes })}>
                    Change it
                </Button>
            )}
            <button type="button" className="link-button" onClick={onRemove}>
                Leave out
            </button>
        </span>
    );
}

interface AddProps {
    techniques: Schemas['OwnList']['techniques'];
    taken: string[];
    pending: boolean;
    onAdd: (use: OwnUse) => void;
}

function AddUse({ techniques, taken, pending, onAdd }: AddProps) {
    const [technique, setTechnique] = useState<string | null>(null);
    /** The technique's own name, or the first free one after it. */
    const add = (chosen: string) => {
        let id = chosen;
        for (let i = 2; taken.includes(id); i++) {
            id = `${chosen}-${i}`;
        }
        onAdd({ id, technique: chosen, minutes: 0 });
        setTechnique(null);
    };
    return (
        <>
            <Select
                aria-label="Technique to add"
                size="small"
                placeholder="one more technique"
                value={technique}
                showSearch={{ optionFilterProp: 'label' }}
                options={techniques.map((one) => ({ value: one.key, label: one.name }))}
                onChange={setTechnique}
            />
            <Button
                size="small"
                disabled={technique === null}
                loading={pending}
                onClick={() => technique !== null && add(technique)}
            >
                Add it on top
            </Button>
        </>
    );
}
