import type { Schemas } from '@api';
import { Button } from 'antd';
import { useState } from 'react';
import { type AreaDraft, blankArea, changed, without } from '../draft';
import type { TypeSurface } from '../surfaces';
import { AreaRow } from './AreaRow';

interface Props {
    areas: readonly AreaDraft[];
    surfaces: readonly TypeSurface[];
    outline: Schemas['Outline'] | undefined;
    /** What is wrong, by row. */
    wrong: ReadonlyMap<number, readonly string[]>;
    onChange: (areas: AreaDraft[]) => void;
}

/** The areas of a figure, a line each. Enter in the last line begins another. */
export function AreaTable({ areas, surfaces, outline, wrong, onChange }: Props) {
    const [added, setAdded] = useState<number | null>(null);
    const options = surfaces
        .filter((surface) => surface.key !== 'whole')
        .map((surface) => ({ value: surface.key, label: surface.name }));
    const add = () => {
        const area = blankArea(areas);
        setAdded(area.row);
        onChange([...areas, area]);
    };
    return (
        <>
            <table className="areas">
                <thead>
                    <tr>
                        <th scope="col">Area</th>
                        <th scope="col">Made of</th>
                        <th scope="col">Size</th>
                        <th scope="col">Of the body</th>
                        <th scope="col">Sits on</th>
                        <th scope="col">
                            Pieces <small>2 eye, 1 buckle</small>
                        </th>
                        <th scope="col">Part</th>
                        <th scope="col" title="draws the eye">
                            Focal
                        </th>
                        <th scope="col" title="how far out it lies, from how many sides it is seen, what its places are called">
                            Depth · sides
                        </th>
                    </tr>
                </thead>
                <tbody>
                    {areas.map((area) => (
                        <AreaRow
                            key={area.row}
                            area={area}
                            surfaces={options}
                            offered={surfaces.find((surface) => surface.key === area.surface)?.places ?? []}
                            others={areas.map((one) => one.name).filter((name) => name !== '' && name !== area.name)}
                            outlined={outline?.areas.find((one) => one.name === area.name)}
                            wrong={wrong.get(area.row) ?? []}
                            isNew={area.row === added}
                            onChange={(change) => onChange(changed(areas, area.row, change))}
                            onRemove={() => onChange(without(areas, area.row))}
                            onNext={add}
                        />
                    ))}
                </tbody>
            </table>
            <Button onClick={add}>Add an area</Button>
        </>
    );
}
