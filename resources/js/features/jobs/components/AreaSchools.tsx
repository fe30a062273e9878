import type { Schemas } from '@api';
import { Select } from 'antd';

interface Props {
    schools: Schemas['AreaLayers']['schools'];
    mayChoose: boolean;
    /** Null: as its surface. */
    onChoose: (question: Schemas['AreaSchool']['question'], choice: string | null) => void;
}

/** Where an area is painted by another school than its surface. */
export function AreaSchools({ schools, mayChoose, onChoose }: Props) {
    return schools.map((school) => (
        <label key={school.question} className="area-tier">
            <span>{school.name}, on this area</span>
            <Select
                aria-label={`${school.name}, on this area`}
                value={school.own ?? ''}
                disabled={!mayChoose}
                options={[
                    { value: '', label: `as its surface (${school.wider ?? 'nobody has chosen'})` },
                    ...school.choices.map((choice) => ({ value: choice.id, label: `${choice.name}: ${choice.for}` })),
                ]}
                onChange={(choice) => onChoose(school.question, choice === '' ? null : choice)}
            />
        </label>
    ));
}
