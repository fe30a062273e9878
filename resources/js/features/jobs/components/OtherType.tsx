import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { Field } from '@shared/Field';
import { count } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { useAssign } from '../useAssign';

interface Props {
    unit: Schemas['GridUnit'];
    /** Those of the row that nothing happened to. */
    untouched: readonly Schemas['GridFigure'][];
    assign: ReturnType<typeof useAssign>;
}

/** Figures that are of another type than was taken: the whole unit, or those of the row. */
export function OtherType({ unit, untouched, assign }: Props) {
    const [type, setType] = useState<string | null>(null);
    const types = useQuery(figureTypesOptions()).data ?? [];
    const give = (figures: readonly Schemas['GridFigure'][] | null) =>
        type !== null && assign.type(unit, figures === null ? null : figures.map((figure) => figure.id), type);
    return (
        <>
            <Field label="Are of another type" hint="What was said of an area holds where the other type has one of that name.">
                {(id) => (
                    <Select
                        id={id}
                        aria-label="Are of another type"
                        value={type}
                        placeholder={unit.type}
                        options={types.filter((one) => !one.retired).map((one) => ({ value: one.key, label: one.name }))}
                        onChange={setType}
                    />
                )}
            </Field>
            {type !== null && (
                <p className="change-deeds">
                    <Button disabled={assign.isPending} onClick={() => give(null)}>
                        All of {unit.name}
                    </Button>
                    {untouched.length > 0 && untouched.length < unit.count && (
                        <Button disabled={assign.isPending} onClick={() => give(untouched)}>
                            Only the {count(untouched.length, 'figure')} of this row
                        </Button>
                    )}
                </p>
            )}
        </>
    );
}
