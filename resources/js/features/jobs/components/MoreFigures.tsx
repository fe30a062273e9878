import type { Schemas } from '@api';
import { figureTypesOptions } from '@features/figureTypes';
import { Field } from '@shared/Field';
import { count } from '@shared/format';
import { NumberInput } from '@shared/NumberInput';
import { useQuery } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { useAssign } from '../useAssign';

interface Props {
    unit: Schemas['GridUnit'];
    assign: ReturnType<typeof useAssign>;
}

const AS_UNIT = '';

/** Figures that come to a unit: as it is, or of another type, such as two divers among the lamplighters. */
export function MoreFigures({ unit, assign }: Props) {
    const [more, setMore] = useState<number | null>(1);
    const [type, setType] = useState(AS_UNIT);
    const types = useQuery(figureTypesOptions()).data ?? [];
    return (
        <>
            <Field label="Further figures">
                {(id) => <NumberInput id={id} value={more} min={1} max={500} whole onChange={setMore} />}
            </Field>
            <Field label="Of type">
                {(id) => (
                    <Select
                        id={id}
                        aria-label="Of type"
                        value={type}
                        options={[
                            { value: AS_UNIT, label: `${unit.type}, as the unit` },
                            ...types
                                .filter((one) => one.name !== unit.type && !one.retired)
                                .map((one) => ({ value: one.key, label: one.name })),
                        ]}
                        onChange={setType}
                    />
                )}
            </Field>
            <p className="change-deeds">
                <Button
                    disabled={more === null || assign.isPending}
                    onClick={() => more !== null && assign.addFigures(unit, more, type === AS_UNIT ? null : type)}
                >
                    Add {more === null ? 'them' : count(more, 'figure')}
                </Button>
            </p>
        </>
    );
}
