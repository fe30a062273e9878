import { Select } from 'antd';

interface Props {
    label: string;
    tiers: readonly { key: string; name: string; retired: boolean }[];
    value: string;
    disabled: boolean;
    onChange: (tier: string) => void;
}

export function TierSelect({ label, tiers, value, disabled, onChange }: Props) {
    const options = tiers
        .filter((tier) => !tier.retired || tier.key === value)
        .map((tier) => ({ value: tier.key, label: tier.name }));
    return (
        <Select
            aria-label={label}
            size="small"
            variant="borderless"
            className="tier-select"
            value={value}
            options={options}
            disabled={disabled}
            onChange={onChange}
            popupMatchSelectWidth={false}
        />
    );
}
