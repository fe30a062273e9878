import { AgreeForm } from '@shared/AgreeForm';
import { useState } from 'react';

interface Props {
    name: string;
    onWaive: (reason: string, agreedWith: string) => Promise<unknown>;
}

/** A use that is left out on this figure or unit. */
export function WaiveForm({ name, onWaive }: Props) {
    const [open, setOpen] = useState(false);
    return open ? (
        <AgreeForm
            alone
            about={`leave out ${name}`}
            deed="Leave out"
            back="Keep it"
            onAgree={onWaive}
            onClose={() => setOpen(false)}
        />
    ) : (
        <button type="button" className="link-button" onClick={() => setOpen(true)} aria-label={`Leave out ${name}`}>
            Leave out
        </button>
    );
}
