import { api, type Schemas, unwrap } from '@api';
import { MakePaint, MixInput } from '@features/paints';
import { ErrorNote } from '@shared/ErrorNote';
import { Field } from '@shared/Field';
import { useKept } from '@shared/kept';
import { SidePanel } from '@shared/SidePanel';
import { Swatch } from '@shared/Swatch';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { messageAt } from '../messageAt';
import { useSettled } from '../useSettled';

type Tried = Schemas['TriedColour']['ratio'];

/** How near a mix of two paints, or a glaze over something, comes to a colour that is wanted. */
export function TrialPanel({ onClose }: { onClose: () => void }) {
    const [wanted, setWanted] = useKept('colour wanted');
    const [from, setFrom] = useKept('colour tried from');
    const [other, setOther] = useKept('colour tried with');
    const [over, setOver] = useKept('colour tried over');
    const asked = useSettled(JSON.stringify({ wanted, from, with: other, over }), 250);
    const body = JSON.parse(asked) as { wanted: string; from: string; with: string; over: string };
    const isWhole = body.wanted.trim() !== '' && body.from.trim() !== '' && (body.with.trim() !== '' || body.over.trim() !== '');
    const tried = useQuery({
        queryKey: ['colour-trial', asked],
        queryFn: ({ signal }) => unwrap(api.POST('/api/colour-trials', { body, signal })),
        enabled: isWhole,
        placeholderData: keepPreviousData,
        retry: false,
    });
    const { error } = tried;
    const found = error === null && isWhole ? tried.data : undefined;
    return (
        <SidePanel title="Try a colour" onClose={onClose}>
            <Field label="The colour that is wanted" error={messageAt(error, '/wanted')}>
                {(id) => <MixInput id={id} value={wanted} onChange={setWanted} placeholder="#8c5a40, or a paint" />}
            </Field>
            <Field label="Tried with" error={messageAt(error, '/from')}>
                {(id) => <MixInput id={id} value={from} onChange={setFrom} placeholder="Rust Buoy" />}
            </Field>
            <Field label="mixed with" error={messageAt(error, '/with')}>
                {(id) => <MixInput id={id} value={other} onChange={setOther} placeholder="Gull White" />}
            </Field>
            <Field label="or glazed over" error={messageAt(error, '/over')}>
                {(id) => <MixInput id={id} value={over} onChange={setOver} placeholder="#e0b79b, or a paint" />}
            </Field>
            <MakePaint error={error} onMade={() => void tried.refetch()} />
            {error !== null && error.path === '' && <ErrorNote error={error} />}
            <section className="tried" aria-live="polite" aria-label="What comes nearest">
                {found !== undefined && (
                    <>
                        <Found title="Mixed" wanted={found.wanted} tried={found.ratio} />
                        <Found title="Glazed" wanted={found.wanted} tried={found.glaze} />
                        <p>
                            <small>Forecasts, of colours under D65 daylight; correct them by eye.</small>
                        </p>
                    </>
                )}
            </section>
        </SidePanel>
    );
}

function Found({ title, wanted, tried }: { title: string; wanted: string; tried: Tried }) {
    return tried === null ? null : (
        <div className="tried-one">
            <h3>
                {title}: {tried.mix}
                {tried.coats > 1 && `, ${String(tried.coats)} coats`}
            </h3>
            <p>
                <Swatch hex={wanted} large />
                <Swatch hex={tried.hex} large />
                <span>
                    {wanted} wanted, {tried.hex} it gives · L* {tried.lightness} · {tried.delta_e} of ΔE00 apart
                    {tried.is_noticed ? '; the eye sees the difference' : ', which nobody notices'}
                </span>
            </p>
        </div>
    );
}
