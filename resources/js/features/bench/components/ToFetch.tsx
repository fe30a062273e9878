import type { Schemas } from '@api';
import { count } from '@shared/format';
import { Swatch } from '@shared/Swatch';
import { useState } from 'react';

/** The paints that what is open takes, in the order in which they are wanted; on paper they always stand. */
export function ToFetch({ paints }: { paints: Schemas['BenchSheet']['fetch'] }) {
    const [open, setOpen] = useState(false);
    if (paints.length === 0) {
        return null;
    }
    return (
        <section className={open ? 'to-fetch to-fetch-open' : 'to-fetch'} aria-label="Paints to fetch">
            <button type="button" className="link-button" aria-expanded={open} onClick={() => setOpen(!open)}>
                {count(paints.length, 'paint')} to fetch
            </button>
            <ul>
                {paints.map((paint) => (
                    <li key={paint.name}>
                        <Swatch hex={paint.hex} /> {paint.name} <small>{amount(paint.ml)}</small>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** As one sees it in a pot: under a tenth of a millilitre is a drop or two. */
function amount(ml: number): string {
    return ml < 0.1 ? 'a drop or two' : `${ml < 10 ? ml.toFixed(1) : String(Math.round(ml))} ml`;
}
