import type { Schemas } from '@api';
import { Choice } from '@shared/Choice';
import { count } from '@shared/format';
import { useState } from 'react';
import { isUnitItself } from '../rows';
import { FigureChips } from './FigureChips';

type Scope = 'unit' | 'row' | 'some';

/** Of whom something is said of an area: all of a unit, those of a row, or some of them. */
export function useForWhom(unit: Schemas['GridUnit'], group: Schemas['GridGroup']) {
    const [scope, setScope] = useState<Scope>(isUnitItself(unit, group) ? 'unit' : 'row');
    const [some, setSome] = useState<readonly number[]>([]);
    const row = group.figures.map((figure) => figure.id);
    const chosen = some.filter((id) => row.includes(id));
    return {
        scope,
        setScope,
        some: chosen,
        setSome,
        /** Null: all of the unit. Nobody: it is not said yet. */
        figures: scope === 'unit' ? null : scope === 'row' ? row : chosen,
    };
}

interface Props {
    unit: Schemas['GridUnit'];
    group: Schemas['GridGroup'];
    whom: ReturnType<typeof useForWhom>;
}

export function ForWhom({ unit, group, whom }: Props) {
    const [first] = group.figures;
    if (first === undefined || unit.count === 1) {
        return null;
    }
    const isPart = group.figures.length < unit.count;
    const options = [
        { value: 'unit' as const, label: `all of ${unit.name}` },
        ...(isPart
            ? [
                  {
                      value: 'row' as const,
                      label:
                          group.figures.length === 1
                              ? `figure ${String(first.number)} only`
                              : `these ${count(group.figures.length, 'figure')}`,
                  },
              ]
            : []),
        ...(group.figures.length > 1 ? [{ value: 'some' as const, label: 'some of them' }] : []),
    ];
    return (
        <>
            <Choice label="For whom" value={whom.scope} options={options} onChange={whom.setScope} />
            {whom.scope === 'some' && (
                <FigureChips label="Figures that are meant" figures={group.figures} chosen={whom.some} onChoose={whom.setSome} />
            )}
            {whom.figures?.length === 0 && <p role="note">Choose the figures that are meant.</p>}
        </>
    );
}
