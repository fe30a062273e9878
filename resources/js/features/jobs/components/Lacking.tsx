import type { Schemas } from '@api';

interface Props {
    lacking: readonly Schemas['LackingHere'][];
    mayAssign: boolean;
    onThere: (agreed: Schemas['AgreedHere']) => void;
}

/** What these figures have not, though their type has it. */
export function Lacking({ lacking, mayAssign, onThere }: Props) {
    if (lacking.length === 0) {
        return null;
    }
    return (
        <ul className="lacking" aria-label="Missing on these figures">
            {lacking.map(({ area, agreed }) => (
                <li key={agreed.id}>
                    No {area}: {agreed.reason} ({agreed.by}
                    {agreed.whole_unit && ', for the unit'}).{' '}
                    {mayAssign && (
                        <button type="button" className="link-button" onClick={() => onThere(agreed)}>
                            They have it
                        </button>
                    )}
                </li>
            ))}
        </ul>
    );
}
