import { Input } from 'antd';
import { type ReactNode, useId } from 'react';
import { NumberInput } from './NumberInput';

interface FieldProps {
    label: string;
    error?: string | undefined;
    hint?: string;
    children: (id: string) => ReactNode;
}

/** A labelled control with what is wrong right under it. */
export function Field({ label, error, hint, children }: FieldProps) {
    const id = useId();
    return (
        <div className="field">
            <label htmlFor={id}>{label}</label>
            {children(id)}
            {hint !== undefined && error === undefined && <small>{hint}</small>}
            {error !== undefined && (
                <p className="field-error" role="alert">
                    <span aria-hidden="true">◆ </span>
                    {error}
                </p>
            )}
        </div>
    );
}

interface NumberProps {
    label: string;
    value: number | undefined;
    onChange: (value: number | undefined) => void;
    error?: string | undefined;
    hint?: string;
    step?: number;
    suffix?: string;
    /** What holds where nothing is written. */
    otherwise?: number;
}

/** A number with its label. Ranges are the core's to judge. */
export function NumberField({ label, value, onChange, error, hint, step = 1, suffix, otherwise }: NumberProps) {
    return (
        <Field label={label} error={error} {...(hint === undefined ? {} : { hint })}>
            {(id) => (
                <NumberInput
                    id={id}
                    value={value}
                    step={step}
                    status={error === undefined ? '' : 'error'}
                    suffix={suffix}
                    placeholder={otherwise === undefined ? undefined : String(otherwise)}
                    onChange={(given) => onChange(given ?? undefined)}
                />
            )}
        </Field>
    );
}

interface TextProps {
    label: string;
    value: string | undefined;
    onChange: (value: string) => void;
    error?: string | undefined;
    hint?: string;
    rows?: number;
}

export function TextField({ label, value, onChange, error, hint, rows }: TextProps) {
    return (
        <Field label={label} error={error} {...(hint === undefined ? {} : { hint })}>
            {(id) =>
                rows === undefined ? (
                    <Input
                        id={id}
                        value={value ?? ''}
                        status={error === undefined ? '' : 'error'}
                        onChange={(event) => onChange(event.target.value)}
                    />
                ) : (
                    <Input.TextArea
                        id={id}
                        rows={rows}
                        value={value ?? ''}
                        status={error === undefined ? '' : 'error'}
                        onChange={(event) => onChange(event.target.value)}
                    />
                )
            }
        </Field>
    );
}
