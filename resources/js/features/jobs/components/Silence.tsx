import { AgreeForm } from '@shared/AgreeForm';
import { useState } from 'react';
import { Link } from 'react-router';

interface Props {
    tier: string;
    /** Where a job says itself what a tier by agreement asks; null for other tiers. */
    ownList: string | null;
    mayAgree: boolean;
    area: string;
    onAgree: (reason: string, agreedWith: string) => Promise<unknown>;
}

/** A tier that says nothing of a surface: a question, with the ways to settle it. */
export function Silence({ tier, ownList, mayAgree, area, onAgree }: Props) {
    const [open, setOpen] = useState(false);
    return (
        <div className="questions">
            <p>
                <b>?</b> {tier} says nothing of this surface. Until it is settled, no figure with it is signed off.
            </p>
            {ownList !== null && (
                <p>
                    <Link to={ownList}>Say here what {tier} includes in this job</Link>
                </p>
            )}
            {mayAgree && !open && (
                <button type="button" className="link-button" onClick={() => setOpen(true)}>
                    Agree that nothing is asked of it
                </button>
            )}
            {open && (
                <AgreeForm
                    about={`nothing is asked of ${area}`}
                    deed="Not asked for here"
                    onAgree={onAgree}
                    onClose={() => setOpen(false)}
                />
            )}
        </div>
    );
}
