import type { Schemas } from '@api';
import { Field, TextField } from '@shared/Field';
import { count } from '@shared/format';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { useAssign } from '../useAssign';
import { FigureChips } from './FigureChips';

interface Props {
    unit: Schemas['GridUnit'];
    /** Those of the row that may go. */
    figures: readonly Schemas['GridFigure'][];
    /** Other units of the job. */
    others: readonly Schemas['GridUnit'][];
    assign: ReturnType<typeof useAssign>;
}

const OWN = 0;

/** Figures leave their unit: for one of their own, or for another, whatever figures it has. */
export function MoveFigures({ unit, figures, others, assign }: Props) {
    const [leaving, setLeaving] = useState<readonly number[]>([]);
    const [to, setTo] = useState(OWN);
    const [name, setName] = useState('');
    const target = others.find((other) => other.id === to);
    const isReady = leaving.length > 0 && (target !== undefined || name.trim() !== '') && !assign.isPending;
    return (
        <fieldset>
            <legend>Move to another unit</legend>
            <FigureChips label="Figures that move" figures={figures} chosen={leaving} onChoose={setLeaving} />
            <Field label="Where to">
                {(id) => (
                    <Select
                        id={id}
                        aria-label="Where to"
                        value={target?.id ?? OWN}
                        options={[
                            { value: OWN, label: 'a unit of their own, painted as this one' },
                            ...others.map((other) => ({ value: other.id, label: `${other.name}, painted as they are` })),
                        ]}
                        onChange={setTo}
                    />
                )}
            </Field>
            {target === undefined && <TextField label="Name of their unit" value={name} onChange={setName} />}
            <Button
                disabled={!isReady}
                onClick={() => {
                    assign.moveFigures(unit, [...leaving], target === undefined ? { name: name.trim() } : { to: target.id });
                    setLeaving([]);
                    setName('');
                }}
            >
                Move {leaving.length === 0 ? 'them' : count(leaving.length, 'figure')}
            </Button>
        </fieldset>
    );
}
