import { Swatch } from '@shared/Swatch';
import { useQuery } from '@tanstack/react-query';
import { AutoComplete } from 'antd';
import { paintsOptions } from '../queries';

interface Props {
    id?: string;
    label?: string;
    value: string;
    onChange: (text: string) => void;
    wrong?: boolean;
    autoFocus?: boolean;
    placeholder?: string;
    width?: number | string;
}

/** A paint, or a mix as one types it; the paint that is being typed is offered from the studio's own. */
export function MixInput({
    id,
    label,
    value,
    onChange,
    wrong = false,
    autoFocus = false,
    placeholder = 'Gull White 1 + Weir Blue 3',
    width = '100%',
}: Props) {
    const paints = useQuery(paintsOptions());
    const written = value.slice(0, value.lastIndexOf('+') + 1);
    const begun = value.slice(written.length).trim().toLowerCase();
    const offers = (paints.data ?? [])
        .filter((paint) => begun === '' || paint.name.toLowerCase().includes(begun))
        .map((paint) => ({
            value: `${written === '' ? '' : `${written} `}${paint.name}`,
            label: (
                <span className="mix-offer">
                    <Swatch hex={paint.hex} /> {paint.name}{' '}
                    <small>
                        {paint.kind}
                        {paint.stock_ml === 0 && ', none left'}
                    </small>
                </span>
            ),
        }));
    return (
        <AutoComplete
            {...(id === undefined ? {} : { id })}
            {...(label === undefined ? {} : { 'aria-label': label })}
            autoFocus={autoFocus}
            value={value}
            options={offers}
            onChange={(text) => onChange(text)}
            placeholder={placeholder}
            status={wrong ? 'error' : ''}
            style={{ width }}
        />
    );
}
