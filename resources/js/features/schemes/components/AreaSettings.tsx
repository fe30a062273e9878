import type { Schemas } from '@api';
import { Field, TextField } from '@shared/Field';
import { Button, Checkbox, Select } from 'antd';
import type { AreaDraft, Turn } from '../draft';

type Scheme = Schemas['Scheme'];

interface Props {
    scheme: Scheme;
    draft: AreaDraft;
    isNew: boolean;
    onChange: (part: Partial<AreaDraft>) => void;
}

const turns: { value: Turn; label: string }[] = [
    { value: 'none', label: 'keeps its hue' },
    { value: 'warm', label: 'turns warm, as red to orange' },
    { value: 'cold', label: 'turns cold, as red to pink' },
];

/** How an area goes with the light and with its own hue, and what is noted of it. */
export function AreaSettings({ scheme, draft, isNew, onChange }: Props) {
    return (
        <section className="side-form">
            <Checkbox
                checked={draft.takes_shared_light}
                onChange={(event) => onChange({ takes_shared_light: event.target.checked })}
            >
                Takes the shared light
            </Checkbox>
            <Checkbox checked={draft.quiet} onChange={(event) => onChange({ quiet: event.target.checked })}>
                Shall be quiet: it need not go from dark to light as far as its tier asks
            </Checkbox>
            <Field label="Toward its lights it">
                {(id) => <Select id={id} value={draft.turn} options={turns} onChange={(turn) => onChange({ turn })} />}
            </Field>
            {!isNew && <HeldFor scheme={scheme} draft={draft} onChange={onChange} />}
            <Field label="In this scheme it is">
                {(id) => (
                    <Select
                        id={id}
                        value={draft.surface}
                        options={[
                            { value: '', label: 'what its figure type says' },
                            ...scheme.surfaces.map((surface) => ({ value: surface.key, label: surface.name })),
                        ]}
                        onChange={(surface) => onChange({ surface })}
                    />
                )}
            </Field>
            <TextField label="Note" value={draft.note} onChange={(note) => onChange({ note })} />
            {draft.rungs.length > 0 && <SwatchLine draft={draft} />}
        </section>
    );
}

/** For which figures the colours hold, and how one type comes to differ. */
function HeldFor({ scheme, draft, onChange }: Omit<Props, 'isNew'>) {
    const name = (key: string) => scheme.types.find((type) => type.key === key)?.name ?? key;
    return (
        <p className="held-for">
            <small>Holds for {draft.figure_type === '' ? 'any figure' : `${name(draft.figure_type)} only`}.</small>
            {draft.figure_type === '' && scheme.types.length > 1 && (
                <Button size="small" onClick={() => onChange({ figure_type: scheme.type })}>
                    Let it differ on {name(scheme.type)}
                </Button>
            )}
        </p>
    );
}

/** Said before the first step, for with the first step it is stored. */
export function HoldsFor({ scheme, draft, onChange }: Omit<Props, 'isNew'>) {
    return (
        <Field label="Holds for">
            {(id) => (
                <Select
                    id={id}
                    value={draft.figure_type}
                    options={[
                        { value: '', label: 'any figure' },
                        ...scheme.types.map((type) => ({ value: type.key, label: `${type.name} only` })),
                    ]}
                    onChange={(type) => onChange({ figure_type: type })}
                />
            )}
        </Field>
    );
}

/** Says once what the colours are: a forecast under one light. */
function SwatchLine({ draft }: { draft: AreaDraft }) {
    return (
        <p>
            <small>
                Colours are shown under D65 daylight; those of mixes are forecasts by Kubelka–Munk, to be corrected by eye.{' '}
                {draft.rungs.length > 6 && 'A long ladder: a tier takes the best of its lights.'}
            </small>
        </p>
    );
}
