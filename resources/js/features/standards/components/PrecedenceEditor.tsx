import type { Schemas } from '@api';
import { Checkbox, Select } from 'antd';
import { type TechniqueDoc, withMember } from '../document';
import { techniqueOptions } from './techniqueOptions';

type Precedence = Schemas['PrecedenceDocument'];

interface Props {
    label: string;
    precedences: readonly Precedence[];
    techniques: readonly TechniqueDoc[];
    reasons: readonly string[];
    /** Whether it may be said that the other one may not be missing. */
    canBeNeeded?: boolean;
    error?: string | undefined;
    onChange: (precedences: Precedence[]) => void;
}

/** Techniques that come before or after, on the same area or anywhere on the figure, each with the reason why. */
export function PrecedenceEditor({ label, precedences, techniques, reasons, canBeNeeded = false, error, onChange }: Props) {
    const set = (i: number, next: Precedence) => onChange(precedences.map((one, j) => (j === i ? next : one)));
    return (
        <fieldset className="precedences">
            <legend>{label}</legend>
            {precedences.map((one, i) => (
                <div key={i} className="criterion-row">
                    <Select
                        aria-label={`${label}, technique ${i + 1}`}
                        className="grow"
                        value={one.technique}
                        showSearch={{ optionFilterProp: 'label' }}
                        options={techniqueOptions(techniques)}
                        onChange={(technique: string) => set(i, { ...one, technique })}
                    />
                    <Select
                        aria-label={`${label}, reason ${i + 1}`}
                        value={one.why}
                        options={reasons.map((reason) => ({ value: reason, label: reason }))}
                        onChange={(why: string) => set(i, { ...one, why })}
                    />
                    <Checkbox
                        checked={one.where === 'figure'}
                        onChange={(event) => set(i, withMember(one, 'where', event.target.checked ? 'figure' : undefined))}
                    >
                        anywhere on the figure
                    </Checkbox>
                    {canBeNeeded && (
                        <Checkbox
                            checked={one.needed ?? false}
                            onChange={(event) => set(i, withMember(one, 'needed', event.target.checked || undefined))}
                        >
                            needed
                        </Checkbox>
                    )}
                    <button
                        type="button"
                        className="plain-button small"
                        aria-label={`${label}: take out ${i + 1}`}
                        onClick={() => onChange(precedences.filter((_, j) => j !== i))}
                    >
                        ×
                    </button>
                </div>
            ))}
            {techniques[0] !== undefined && (
                <button
                    type="button"
                    className="link-button"
                    onClick={() =>
                        onChange([...precedences, { technique: techniques[0]?.id ?? '', why: reasons[0] ?? 'drying' }])
                    }
                >
                    Add one
                </button>
            )}
            {error !== undefined && (
                <p className="field-error" role="alert">
                    ◆ {error}
                </p>
            )}
        </fieldset>
    );
}
