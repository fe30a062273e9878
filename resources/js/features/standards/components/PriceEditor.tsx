import { Choice } from '@shared/Choice';
import { useSession } from '@features/session';
import type { TierDoc } from '../document';
import type { Errors } from '../errors';
import { NumberField } from '@shared/Field';

type Price = NonNullable<TierDoc['price']>;
type School = 'none' | 'list' | 'hours';

interface Props {
    tier: TierDoc;
    sizeClasses: readonly string[];
    errors: Errors;
    onChange: (price: Price | undefined) => void;
}

/** Prices are kept in the smallest unit of the currency and written in its own. */
export function PriceEditor({ tier, sizeClasses, errors, onChange }: Props) {
    const { studio } = useSession();
    const { price } = tier;
    const unit = 10 ** studio.currency_decimals;
    const school: School = price === undefined ? 'none' : price.hourly === undefined ? 'list' : 'hours';
    return (
        <div>
            <h3>Price, {studio.currency}</h3>
            <Choice<School>
                label="How it is priced"
                value={school}
                options={[
                    { value: 'none', label: 'No price' },
                    { value: 'list', label: 'By list' },
                    { value: 'hours', label: 'By the hour' },
                ]}
                onChange={(next) => onChange(next === 'none' ? undefined : next === 'list' ? { list: {} } : { hourly: 0 })}
            />
            {school === 'list' && (
                <div className="fields">
                    {sizeClasses.map((size) => (
                        <NumberField
                            key={size}
                            label={size}
                            value={price?.list?.[size] === undefined ? undefined : price.list[size] / unit}
                            error={errors(`price.list.${size}`)}
                            onChange={(value) => {
                                const list = { ...price?.list };
                                // eslint-disable-next-line @typescript-eslint/no-dynamic-delete
                                delete list[size];
                                onChange({ list: value === undefined ? list : { ...list, [size]: Math.round(value * unit) } });
                            }}
                        />
                    ))}
                </div>
            )}
            {school === 'hours' && (
                <div className="fields">
                    <NumberField
                        label="An hour"
                        value={(price?.hourly ?? 0) / unit}
                        error={errors('price.hourly')}
                        onChange={(value) => onChange({ hourly: Math.round((value ?? 0) * unit) })}
                    />
                </div>
            )}
        </div>
    );
}
