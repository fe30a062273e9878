import { Select } from 'antd';
import { Field } from '@shared/Field';

interface Props {
    label: string;
    value: string | undefined;
    words: readonly string[];
    say?: (word: string) => string;
    error?: string | undefined;
    hint?: string;
    /** Whether it may be left open. */
    needed?: boolean;
    onChange: (value: string | undefined) => void;
}

/** One word of a list. */
export function WordField({ label, value, words, say = (word) => word, error, hint, needed = false, onChange }: Props) {
    return (
        <Field label={label} error={error} {...(hint === undefined ? {} : { hint })}>
            {(id) => (
                <Select
                    id={id}
                    value={value ?? null}
                    allowClear={!needed}
                    placeholder="left open"
                    options={words.map((word) => ({ value: word, label: say(word) }))}
                    onChange={(word: string | null | undefined) => onChange(word ?? undefined)}
                />
            )}
        </Field>
    );
}
