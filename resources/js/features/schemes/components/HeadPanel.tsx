import type { Schemas } from '@api';
import { MakePaint, MixInput } from '@features/paints';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, NumberField, TextField } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import type { View } from '../queries';
import { type Head, useScheme } from '../useScheme';

type Scheme = Schemas['Scheme'];

const schools: { value: Head['last_light']; label: string }[] = [
    { value: 'shared', label: 'one shared light mixed into all areas: ties the figure together' },
    { value: 'series', label: 'each area its own lights: every colour stays pure' },
    { value: 'base', label: 'the base colour again: fast, quiet' },
];

/** What holds for all areas: the light, where it comes from, what draws the eye, the ground. */
export function HeadPanel({ scheme, view, onClose }: { scheme: Scheme; view: View; onClose: () => void }) {
    const [draft, setDraft] = useState<Head>({
        name: scheme.name,
        ground: scheme.ground,
        sketch: scheme.sketch,
        sketch_cover: scheme.sketch_cover,
        light: scheme.light,
        light_own: scheme.light_own,
        light_parts: scheme.light_parts,
        light_reach: scheme.light_reach,
        last_light: scheme.last_light === 'shared' || scheme.last_light === 'base' ? scheme.last_light : 'series',
        light_from: scheme.light_from,
        focal: scheme.focal,
        one_colour: scheme.one_colour,
        accents: scheme.accents,
        note: scheme.note,
    });
    const change = (part: Partial<Head>) => setDraft((before) => ({ ...before, ...part }));
    const { head } = useScheme(scheme, view);
    const wrong = (path: string) =>
        head.error?.problems.find((one) => one.path.startsWith(path))?.message ??
        (head.error?.path === path ? head.error.message : undefined);
    const areas = scheme.areas.map((area) => ({ value: area.area, label: area.area }));
    return (
        <SidePanel title="Light and ground" onClose={onClose}>
            <form
                className="side-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    head.mutate(draft, { onSuccess: onClose });
                }}
            >
                <TextField
                    label="Name of the scheme"
                    value={draft.name}
                    onChange={(name) => change({ name })}
                    error={wrong('/name')}
                />
                <Field label="The last lights are">
                    {(id) => (
                        <Select
                            id={id}
                            value={draft.last_light}
                            options={schools}
                            onChange={(last_light) => change({ last_light })}
                        />
                    )}
                </Field>
                <Field label="Shared light" error={wrong('/light')}>
                    {(id) => (
                        <MixInput id={id} value={draft.light} onChange={(light) => change({ light })} placeholder="Gull White" />
                    )}
                </Field>
                <div className="fields">
                    <NumberField
                        label="Parts of the area's own"
                        step={0.5}
                        value={draft.light_own}
                        onChange={(n) => change({ light_own: n ?? 0 })}
                        error={wrong('/light_own')}
                    />
                    <NumberField
                        label="to parts of the light"
                        step={0.5}
                        value={draft.light_parts}
                        onChange={(n) => change({ light_parts: n ?? 0 })}
                        error={wrong('/light_parts')}
                    />
                    <NumberField
                        label="in how many last lights"
                        value={draft.light_reach}
                        onChange={(n) => change({ light_reach: n ?? 0 })}
                        error={wrong('/light_reach')}
                    />
                </div>
                <TextField
                    label="The light comes from"
                    value={draft.light_from}
                    onChange={(light_from) => change({ light_from })}
                />
                <Field label="What draws the eye, the strongest first, at most three" error={wrong('/focal')}>
                    {(id) => (
                        <Select
                            id={id}
                            mode="multiple"
                            maxCount={3}
                            value={draft.focal}
                            options={areas}
                            onChange={(focal) => change({ focal })}
                        />
                    )}
                </Field>
                <Field label="Primer under all paint" error={wrong('/ground')}>
                    {(id) => (
                        <MixInput
                            id={id}
                            value={draft.ground}
                            onChange={(ground) => change({ ground })}
                            placeholder="Quay Fog primer"
                        />
                    )}
                </Field>
                <Field label="A second one from above, for a sketch of light" error={wrong('/sketch')}>
                    {(id) => (
                        <MixInput id={id} value={draft.sketch} onChange={(sketch) => change({ sketch })} placeholder="none" />
                    )}
                </Field>
                {draft.sketch.trim() !== '' && (
                    <NumberField
                        label="Over this share of the figure, of 1"
                        step={0.05}
                        value={draft.sketch_cover}
                        onChange={(n) => change({ sketch_cover: n ?? 0 })}
                        error={wrong('/sketch_cover')}
                    />
                )}
                <Checkbox checked={draft.one_colour} onChange={(event) => change({ one_colour: event.target.checked })}>
                    One colour is wanted over most of the figure: a uniform, a row of black plate
                </Checkbox>
                <TextField label="Accents" value={draft.accents} onChange={(accents) => change({ accents })} />
                <TextField label="Note" rows={3} value={draft.note} onChange={(note) => change({ note })} />
                <MakePaint error={head.error} onMade={() => head.reset()} />
                {head.error?.path === '' && <ErrorNote error={head.error} />}
                <Button type="primary" htmlType="submit" loading={head.isPending}>
                    Keep
                </Button>
            </form>
        </SidePanel>
    );
}
