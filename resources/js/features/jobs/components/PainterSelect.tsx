import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { peopleOptions } from '../queries';

interface Props {
    label: string;
    value: number | null;
    mixed?: boolean;
    disabled: boolean;
    onChange: (painter: number | null) => void;
}

export function PainterSelect({ label, value, mixed = false, disabled, onChange }: Props) {
    const people = useQuery(peopleOptions());
    return (
        <Select
            aria-label={label}
            size="small"
            variant="borderless"
            className="painter-select"
            value={mixed ? -1 : (value ?? 0)}
            disabled={disabled}
            options={[
                ...(mixed ? [{ value: -1, label: 'several', disabled: true }] : []),
                { value: 0, label: 'nobody' },
                ...(people.data ?? []).map((person) => ({ value: person.id, label: person.name })),
            ]}
            onChange={(next) => onChange(next === 0 ? null : next)}
            popupMatchSelectWidth={false}
        />
    );
}
