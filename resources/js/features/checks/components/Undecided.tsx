import { AgreeForm } from '@shared/AgreeForm';
import { useState } from 'react';

interface Props {
    area: string;
    mayAgree: boolean;
    onAgree: (area: string, reason: string, agreedWith: string) => Promise<unknown>;
}

/** An area about which the standard is silent: an open question that stops the sign-off. */
export function Undecided({ area, mayAgree, onAgree }: Props) {
    const [open, setOpen] = useState(false);
    return (
        <div className="undecided">
            <p>
                <b>?</b> Nobody has said what is asked of <b>{area}</b>.{' '}
                {mayAgree && !open && (
                    <button type="button" className="link-button" onClick={() => setOpen(true)}>
                        Agree that nothing is
                    </button>
                )}
                {!mayAgree && 'The lead settles it in the standard, or agrees that nothing is.'}
            </p>
            {open && (
                <AgreeForm
                    about={`nothing is asked of ${area}`}
                    deed="Not asked for here"
                    onAgree={(reason, agreedWith) => onAgree(area, reason, agreedWith)}
                    onClose={() => setOpen(false)}
                />
            )}
        </div>
    );
}
