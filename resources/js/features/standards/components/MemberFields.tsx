import type { Schemas } from '@api';
import { NumberField, TextField } from '@shared/Field';
import { Checkbox } from 'antd';
import type { Errors } from '../errors';
import { WordField } from './WordField';

type Given = string | number | boolean | undefined;

interface Props {
    /** As they are declared; those of a section come in its order. */
    fields: readonly Schemas['MemberField'][];
    section: string;
    value: object;
    errors: Errors;
    /** What is said under a field beside its own hint, by its name. */
    hints?: Record<string, string>;
    /** undefined: the member is left out. */
    onChange: (name: string, given: Given) => void;
}

/** Fields of a section of a piece, one a declared member; members with a form of their own are not among them. */
export function MemberFields({ fields, section, value, errors, hints = {}, onChange }: Props) {
    const written: Record<string, unknown> = { ...value };
    return fields
        .filter((field) => field.section === section)
        .map((field) => (
            <MemberField
                key={field.name}
                field={field}
                written={written[field.name]}
                error={errors(field.name)}
                hint={hints[field.name] ?? field.hint}
                onChange={(given) => onChange(field.name, given)}
            />
        ));
}

interface OneProps {
    field: Schemas['MemberField'];
    written: unknown;
    error: string | undefined;
    hint: string;
    onChange: (given: Given) => void;
}

function MemberField({ field, written, error, hint, onChange }: OneProps) {
    const common = { label: field.label, error, ...(hint === '' ? {} : { hint }) };
    const put = (given: Given) => {
        // What may not be left out keeps its last value while its field is empty.
        if (given !== undefined || !field.needed) {
            onChange(asWritten(field, given));
        }
    };
    switch (field.kind) {
        case 'number':
            return (
                <NumberField
                    {...common}
                    value={typeof written === 'number' ? written : undefined}
                    step={field.step}
                    {...(field.unit === '' ? {} : { suffix: field.unit })}
                    {...(typeof field.otherwise === 'number' ? { otherwise: field.otherwise } : {})}
                    onChange={put}
                />
            );
        case 'switch':
            return (
                <Checkbox checked={(written ?? field.otherwise) === true} onChange={(event) => put(event.target.checked)}>
                    {field.label}
                </Checkbox>
            );
        case 'word':
            return (
                <WordField
                    {...common}
                    needed={field.needed || field.otherwise !== null}
                    value={typeof written === 'string' ? written : textOf(field.otherwise)}
                    words={field.words.map((word) => word.value)}
                    say={(word) => field.words.find((one) => one.value === word)?.label ?? word}
                    onChange={put}
                />
            );
        case 'text':
        case 'other':
            return (
                <TextField
                    {...common}
                    value={typeof written === 'string' ? written : ''}
                    {...(field.rows === 0 ? {} : { rows: field.rows })}
                    onChange={put}
                />
            );
    }
}

/** What only says what holds anyway is left out; a number that is written stays written. */
function asWritten(field: Schemas['MemberField'], given: Given): Given {
    const saysNothing = given === '' || (field.kind !== 'number' && given === field.otherwise);
    return saysNothing && !field.needed ? undefined : given;
}

function textOf(otherwise: Schemas['MemberField']['otherwise']): string | undefined {
    return typeof otherwise === 'string' ? otherwise : undefined;
}
