import { AgreeForm } from '@shared/AgreeForm';
import { useState } from 'react';

interface Props {
    name: string;
    currency: string;
    onWaive: (reason: string, agreedWith: string, price: number | null) => Promise<unknown>;
}

/** A use that is left out on this figure or unit. */
export function WaiveForm({ name, currency, onWaive }: Props) {
    const [open, setOpen] = useState(false);
    return open ? (
        <AgreeForm
            alone
            about={`leave out ${name}`}
            deed="Leave out"
            back="Keep it"
            price={`Taken off a figure, ${currency}`}
            onAgree={onWaive}
            onClose={() => setOpen(false)}
        />
    ) : (
        <button type="button" className="link-button" onClick={() => setOpen(true)} aria-label={`Leave out ${name}`}>
            Leave out
        </button>
    );
}
