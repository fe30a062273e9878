import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { peopleOptions } from '../queries';

interface Props {
    label: string;
    value: number | null;
    mixed?: boolean;
    /** Where it is for several that need not have the same: what stands there instead of a painter. */
    placeholder?: string;
    disabled: boolean;
    onChange: (painter: number | null) => void;
}

export function PainterSelect({ label, value, mixed = false, placeholder, disabled, onChange }: Props) {
    const people = useQuery(peopleOptions());
    return (
        <Select
            aria-label={label}
            size="small"
            variant={placeholder === undefined ? 'borderless' : 'outlined'}
            className="painter-select"
            value={placeholder !== undefined ? null : mixed ? -1 : (value ?? 0)}
            placeholder={placeholder}
            disabled={disabled}
            options={[
                ...(mixed ? [{ value: -1, label: 'several', disabled: true }] : []),
                { value: 0, label: 'nobody' },
                ...(people.data ?? []).map((person) => ({ value: person.id, label: person.name })),
            ]}
            onChange={(next: number) => onChange(next === 0 ? null : next)}
            popupMatchSelectWidth={false}
        />
    );
}
