import type { Schemas } from '@api';
import { dropsInWords, MakePaint, MixInput } from '@features/paints';
import { useSession } from '@features/session';
import { count } from '@shared/format';
import { Swatch } from '@shared/Swatch';
import { Why } from '@shared/Why';
import { Button } from 'antd';
import { useState } from 'react';
import { having } from '../marking';
import { areasOf, type Row } from '../rows';
import { useBench } from '../useBench';

interface Props {
    sheet: Schemas['BenchSheet'];
    places: Row['places'];
    mix: Schemas['StepMix'];
    /** Its place among the mixes of the step, from 0. */
    at: number;
    /** How much of it is stirred at once for all places. */
    batch: Schemas['MixBatch'] | null;
}

/** What a step is painted with; opened, it takes a paint of the studio or a mix as one types it. */
export function MixLine({ sheet, places, mix, at, batch }: Props) {
    const [step] = places;
    const areas = areasOf({ places });
    const [editing, setEditing] = useState(false);
    const bench = useBench(sheet.job.id, sheet.key);
    const { user } = useSession();
    const many = step.mixes.length > 1;
    return (
        <div className="mix">
            {many && <span className="mix-step">step {mix.step}</span>}
            {!editing && (
                <span className="mix-parts">
                    {mix.parts.length === 0 && <span className="mix-none">nothing written down</span>}
                    {mix.parts.map((part) => (
                        <span key={part.paint} className="mix-part">
                            <Swatch hex={part.hex} />
                            <span>
                                <b>{part.paint}</b>
                                <small>
                                    {mix.parts.length > 1 ? `${part.parts} ${part.parts === 1 ? 'part' : 'parts'} · ` : ''}
                                    {part.kind} · {part.hex}
                                </small>
                                {part.note !== '' && <small className="mix-note">{part.note}</small>}
                            </span>
                        </span>
                    ))}
                </span>
            )}
            {editing ? (
                <MixForm sheet={sheet} places={places} mix={mix} at={at} onDone={() => setEditing(false)} />
            ) : (
                <button
                    type="button"
                    className="link-button"
                    onClick={() => setEditing(true)}
                    aria-label={`Change what ${step.title} on ${areas} is painted with${many ? `, step ${mix.step}` : ''}`}
                >
                    {mix.parts.length === 0 ? 'Write down' : 'Change'}
                </button>
            )}
            {!editing && mix.from === 'job' && user.role !== 'painter' && (
                <button
                    type="button"
                    className="link-button"
                    aria-label={`Keep as the recipe of ${step.title} on ${areas}`}
                    onClick={() => bench.keep.mutate({ type: sheet.type.id, scheme: sheet.scheme, places, at })}
                >
                    Keep as the recipe
                </button>
            )}
            {!editing && <Amount figures={having(places, sheet.figures).length} mix={mix} batch={batch} />}
        </div>
    );
}

/** What the mix is forecast to look like, and how much of it to stir for the figures that have it. */
function Amount({ figures, mix, batch }: Pick<Props, 'mix' | 'batch'> & { figures: number }) {
    if (mix.hex === null || mix.parts.length === 0) {
        return null;
    }
    return (
        <span className="mix-amount">
            {mix.forecast && (
                <>
                    <Swatch hex={mix.hex} /> <small>forecast {mix.hex}</small>
                </>
            )}
            {batch !== null && (
                <small>
                    {dropsInWords(batch)} for {count(figures, 'figure')}, about {batch.ml} ml{' '}
                    <Why why={batch.why} about={`amount of ${mix.text}`} />
                </small>
            )}
            {mix.coats !== null && (
                <small>It takes {mix.coats} coats to cover what lies under it, more than the tier asks for.</small>
            )}
            {mix.too_much_water && (
                <small>
                    <span aria-hidden="true">▲ </span>More water than paint: the binder breaks. Thin it with medium.
                </small>
            )}
        </span>
    );
}

function MixForm({ sheet, places, mix, at, onDone }: Omit<Props, 'batch'> & { onDone: () => void }) {
    const bench = useBench(sheet.job.id, sheet.key);
    const [text, setText] = useState(mix.text);
    return (
        <form
            className="mix-form"
            onSubmit={(event) => {
                event.preventDefault();
                bench.mix.mutate({ type: sheet.type.id, scheme: sheet.scheme, places, at, text }, { onSuccess: onDone });
            }}
        >
            <MixInput
                label="A paint, or a mix in parts"
                autoFocus
                value={text}
                onChange={setText}
                wrong={bench.mix.isError}
                width={300}
            />
            <Button htmlType="submit" type="primary" loading={bench.mix.isPending}>
                Keep
            </Button>
            <Button onClick={onDone}>Back</Button>
            {bench.mix.error !== null && <p role="alert">{bench.mix.error.message}</p>}
            <MakePaint error={bench.mix.error} onMade={() => bench.mix.reset()} />
        </form>
    );
}
