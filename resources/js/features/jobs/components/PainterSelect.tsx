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
            value={mixed ? null : value}
            placeholder={mixed ? 'several' : 'nobody'}
            allowClear
            disabled={disabled}
            options={(people.data ?? []).map((person) => ({ value: person.id, label: person.name }))}
            onChange={(next?: number | null) => onChange(next ?? null)}
            popupMatchSelectWidth={false}
        />
    );
}
