import { NumberField } from '@shared/Field';
import { Button, Select } from 'antd';
import type { TierDoc } from '../document';
import type { Errors } from '../errors';

type BySize = NonNullable<TierDoc['limits_by_size']>;

interface Props {
    tier: TierDoc;
    sizeClasses: readonly string[];
    errors: Errors;
    onChange: (limits: BySize | undefined) => void;
}

const SEVERITIES = ['critical', 'major', 'minor'] as const;

/** A monster shows more places to go wrong than a figure on foot: size classes that bear more, or less, than the others. */
export function LimitsBySize({ tier, sizeClasses, errors, onChange }: Props) {
    const bySize = tier.limits_by_size ?? {};
    const said = sizeClasses.filter((size) => bySize[size] !== undefined);
    const others = sizeClasses.filter((size) => bySize[size] === undefined);
    const without = (size: string) => {
        const left = Object.fromEntries(Object.entries(bySize).filter(([one]) => one !== size));
        onChange(Object.keys(left).length === 0 ? undefined : left);
    };
    return (
        <>
            {said.map((size) => {
                const limits = bySize[size] ?? tier.limits;
                return (
                    <fieldset key={size} className="limits-of-size">
                        <legend>{size} bears</legend>
                        <div className="fields">
                            {SEVERITIES.map((severity) => (
                                <NumberField
                                    key={severity}
                                    label={`${severity}, ${size}`}
                                    value={limits[severity]}
                                    error={errors(`limits_by_size.${size}.${severity}`)}
                                    onChange={(value) =>
                                        value !== undefined && onChange({ ...bySize, [size]: { ...limits, [severity]: value } })
                                    }
                                />
                            ))}
                        </div>
                        <Button size="small" onClick={() => without(size)}>
                            {size} bears what the others bear
                        </Button>
                    </fieldset>
                );
            })}
            {others.length > 0 && (
                <Select
                    aria-label="A size class that bears something else"
                    className="limits-of-others"
                    placeholder="A size class that bears something else…"
                    value={null}
                    options={others.map((size) => ({ value: size, label: size }))}
                    onChange={(size: string) => onChange({ ...bySize, [size]: tier.limits })}
                />
            )}
        </>
    );
}
