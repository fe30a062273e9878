import { NumberField } from '@shared/Field';
import { Names } from '@shared/Names';
import { SIDES } from '@shared/sides';
import { Checkbox } from 'antd';
import type { AreaDraft, Side } from '../draft';

interface Props {
    area: AreaDraft;
    outlined: { depth: number; sides: readonly string[] } | undefined;
    /** Names that the standard says of such a surface. */
    offered: readonly string[];
    onChange: (change: Partial<AreaDraft>) => void;
}

/** How far out an area lies, from where it is seen, whether it is known what it is, and what its places are called. */
export function AreaPlace({ area, outlined, offered, onChange }: Props) {
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
            <Checkbox checked={area.unsure} onChange={(event) => onChange({ unsure: event.target.checked })}>
                Nobody is sure what it is; what it is made of is a guess
            </Checkbox>
            <Names
                label="Places with a name"
                hint={`Brow, nose, chin: Enter after each. They stand on the bench sheet and the check list${offered.length === 0 ? '.' : '; the standard says those that are offered.'}`}
                names={area.places}
                offered={offered}
                onChange={(places) => onChange({ places })}
            />
        </div>
    );
}
