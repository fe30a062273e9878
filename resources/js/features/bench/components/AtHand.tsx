import type { Schemas } from '@api';
import { Plate } from '@features/plates';
import { Swatch } from '@shared/Swatch';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { atHandOptions } from '../queries';

interface Props {
    sheet: Schemas['BenchSheet'];
    step: Schemas['BenchStep'];
}

/** How a step must look, what to have ready for a slip, what runs short, and what is not asked for there. */
export function AtHand({ sheet, step }: Props) {
    const hand = useQuery(atHandOptions(sheet.job.id, sheet.key, sheet.steps.indexOf(step))).data;
    if (hand === undefined) {
        return null;
    }
    return (
        <div className="at-hand">
            <Pictures hand={hand} />
            {hand.short.length > 0 && (
                <p role="note">
                    <span aria-hidden="true">▲ </span>
                    {hand.short.map((one) => `${one.paint}: ${one.stock_ml} ml left, this sheet takes ${one.ml}`).join('; ')}. It
                    runs out before all figures have it.
                </p>
            )}
            {hand.ready.length > 0 && (
                <div>
                    <h3>Have ready</h3>
                    <ul className="at-hand-ready">
                        {hand.ready.map((one) => (
                            <li key={`${one.area} ${String(one.below)}`}>
                                {one.hex !== null && <Swatch hex={one.hex} />}
                                <span>
                                    {one.text} <small>{one.below ? 'below' : one.area}</small>
                                </span>
                            </li>
                        ))}
                    </ul>
                </div>
            )}
            {(hand.scheme?.light_from ?? '') !== '' && <p>Light: {hand.scheme?.light_from}</p>}
            {hand.not_asked.length > 0 && (
                <p>Not asked for here: {hand.not_asked.join(', ')}. It stays in the colour round it.</p>
            )}
        </div>
    );
}

/** How it must look after this step and when it is finished, beside the picture that governs. */
function Pictures({ hand }: { hand: Schemas['AtHand'] }) {
    const { after, finished, scheme } = hand;
    const picture = scheme?.picture ?? null;
    if (finished === null && picture === null) {
        return null;
    }
    return (
        <div className="at-hand-plates">
            {after !== null && (
                <figure>
                    <Plate plate={after} about={`${hand.area} after this step`} />
                    <figcaption>{hand.area} after this step</figcaption>
                </figure>
            )}
            {finished !== null && (
                <figure>
                    <Plate plate={finished} about={`${hand.area} when it is finished`} />
                    <figcaption>{after === null ? `${hand.area} finished` : 'finished'}</figcaption>
                </figure>
            )}
            {scheme !== null && picture !== null && (
                <figure>
                    <Link to={`/schemes/${String(scheme.id)}`}>
                        <img src={`/api/schemes/${String(scheme.id)}/picture?of=${picture}`} alt="The picture that governs" />
                    </Link>
                    <figcaption>the picture that governs</figcaption>
                </figure>
            )}
        </div>
    );
}
