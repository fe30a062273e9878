import { Select } from 'antd';
import type { Row } from '../rows';

interface Props {
    places: Row['places'];
    person: number | null;
    onSay: (person: number | null) => void;
}

const NOBODY = 0;

/** Who looks on at a step that one is not cleared for; it goes with each mark, and into the record. */
export function LooksOn({ places, person, onSay }: Props) {
    const mayLookOn = new Map(places.flatMap((place) => place.may_look_on.map((one) => [one.id, one.name])));
    if (mayLookOn.size === 0) {
        return null;
    }
    return (
        <label className="looks-on">
            <span>Who looks on</span>
            <Select
                size="large"
                aria-label="Who looks on"
                value={person !== null && mayLookOn.has(person) ? person : NOBODY}
                options={[{ value: NOBODY, label: 'nobody' }, ...[...mayLookOn].map(([value, label]) => ({ value, label }))]}
                onChange={(one: number) => onSay(one === NOBODY ? null : one)}
            />
        </label>
    );
}
