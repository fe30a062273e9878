import { NumberField } from '@shared/Field';
import { SIDES } from '@shared/sides';
import { Checkbox } from 'antd';
import type { AreaDraft, Side } from '../draft';

interface Props {
    area: AreaDraft;
    outlined: { depth: number; sides: readonly string[] } | undefined;
    onChange: (change: Partial<AreaDraft>) => void;
}

/** How far out an area lies, and from where it is seen. */
export function AreaPlace({ area, outlined, onChange }: Props) {
    const seen = area.sides ?? outlined?.sides ?? [];
    const see = (side: Side, is: boolean) => {
        const sides = SIDES.filter((one) => (one === side ? is : seen.includes(one)));
        if (sides.length > 0) {
            onChange({ sides });
        }
    };
    return (
        <div className="area-place-fields">
            <NumberField
                label="Lies, from inner to outer"
                value={area.depth ?? undefined}
                hint="Left out: as its surface usually lies."
                {...(outlined === undefined ? {} : { otherwise: outlined.depth })}
                onChange={(depth) => onChange({ depth: depth ?? null })}
            />
            <fieldset>
                <legend>Seen from</legend>
                {SIDES.map((side) => (
                    <Checkbox key={side} checked={seen.includes(side)} onChange={(event) => see(side, event.target.checked)}>
                        {side}
                    </Checkbox>
                ))}
            </fieldset>
        </div>
    );
}
