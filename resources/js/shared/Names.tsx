import { Field } from '@shared/Field';
import { Select } from 'antd';

interface Props {
    label: string;
    hint: string;
    error?: string | undefined;
    names: readonly string[];
    /** Names that somebody may mean; none: each is typed. */
    offered?: readonly string[];
    onChange: (names: string[]) => void;
}

/** Names, typed one after the other: Enter or a comma after each. */
export function Names({ label, hint, error, names, offered = [], onChange }: Props) {
    return (
        <Field label={label} error={error} hint={hint}>
            {(id) => (
                <Select
                    id={id}
                    mode="tags"
                    tokenSeparators={[',']}
                    {...(offered.length === 0 ? { open: false, suffix: null } : {})}
                    value={[...names]}
                    options={offered.map((name) => ({ value: name, label: name }))}
                    onChange={onChange}
                />
            )}
        </Field>
    );
}
