import { api, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, NumberField, TextField } from '@shared/Field';
import { SidePanel } from '@shared/SidePanel';
import { Swatch } from '@shared/Swatch';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { type ReactNode, useState } from 'react';
import { showPaints } from '../queries';
import { SwatchCard } from './SwatchCard';

type Paint = Schemas['Paint'];

export const paintKinds = [
    'primer',
    'base',
    'layer',
    'metal',
    'wash',
    'stain',
    'medium',
    'pigment',
    'texture',
    'varnish',
] as const;
const opacities = ['opaque', 'semi', 'transparent'] as const;

type Draft = Omit<Paint, 'id' | 'hex' | 'lab' | 'version'> & { colour: string };

export const emptyPaint: Draft = {
    name: '',
    kind: 'base',
    colour: '',
    opacity: 'opaque',
    coats_dark: 2,
    coats_middle: 2,
    coats_light: 1,
    hiding: null,
    finish: 'matt',
    ml: 18,
    stock_ml: 18,
    note: '',
};

/** A paint, as it is written. */
export function PaintPanel({ paint, onClose }: { paint: Paint | null; onClose: () => void }) {
    const client = useQueryClient();
    const [draft, setDraft] = useState<Draft>(paint === null ? emptyPaint : { ...paint, colour: paint.hex });
    const change = (part: Partial<Draft>) => setDraft((before) => ({ ...before, ...part }));
    const keep = useMutation<Schemas['Paint'][]>({
        mutationFn: () => {
            const body = {
                ...draft,
                kind: draft.kind as (typeof paintKinds)[number],
                opacity: draft.opacity as (typeof opacities)[number],
            };
            return unwrap(
                paint === null
                    ? api.POST('/api/paints', { body })
                    : api.PUT('/api/paints/{paint}', {
                          params: { path: { paint: paint.id } },
                          body: { ...body, version: paint.version },
                      }),
            );
        },
        onSuccess: (paints) => {
            showPaints(client, paints);
            onClose();
        },
    });
    const wrong = (path: string) =>
        keep.error?.problems.find((one) => one.path === path)?.message ??
        (keep.error?.path === path ? keep.error.message : undefined);
    const known = keep.error !== null && ['/name', '/colour'].includes(keep.error.path);
    return (
        <SidePanel title={paint?.name ?? 'A new paint'} onClose={onClose}>
            <form
                className="side-form"
                onSubmit={(event) => {
                    event.preventDefault();
                    keep.mutate();
                }}
            >
                <TextField label="Name" value={draft.name} onChange={(name) => change({ name })} error={wrong('/name')} />
                <ColourField value={draft.colour} onChange={(colour) => change({ colour })} error={wrong('/colour')} />
                <SwatchCard onRead={(colour) => change({ colour })} />
                <div className="fields">
                    <Words label="Kind" words={paintKinds} value={draft.kind} onChange={(kind) => change({ kind })} />
                    <Words label="Opacity" words={opacities} value={draft.opacity} onChange={(opacity) => change({ opacity })} />
                    <TextField
                        label="Finish"
                        value={draft.finish}
                        onChange={(finish) => change({ finish })}
                        error={wrong('/finish')}
                    />
                </div>
                {draft.opacity === 'opaque' ? (
                    <div className="fields">
                        <NumberField
                            label="Coats on dark"
                            value={draft.coats_dark}
                            onChange={(n) => change({ coats_dark: n ?? 0 })}
                            error={wrong('/coats_dark')}
                        />
                        <NumberField
                            label="on middle"
                            value={draft.coats_middle}
                            onChange={(n) => change({ coats_middle: n ?? 0 })}
                            error={wrong('/coats_middle')}
                        />
                        <NumberField
                            label="on light"
                            value={draft.coats_light}
                            onChange={(n) => change({ coats_light: n ?? 0 })}
                            error={wrong('/coats_light')}
                        />
                    </div>
                ) : (
                    <NumberField
                        label="One coat hides, of 1"
                        step={0.05}
                        value={draft.hiding ?? undefined}
                        onChange={(n) => change({ hiding: n ?? null })}
                        error={wrong('/hiding')}
                        hint="Left out: as is usual for its kind"
                    />
                )}
                <div className="fields">
                    <NumberField
                        label="A pot holds, ml"
                        value={draft.ml}
                        onChange={(n) => change({ ml: n ?? 0 })}
                        error={wrong('/ml')}
                    />
                    <NumberField
                        label="Left, ml"
                        value={draft.stock_ml ?? undefined}
                        onChange={(n) => change({ stock_ml: n ?? null })}
                        hint="Empty: not counted"
                        error={wrong('/stock_ml')}
                    />
                </div>
                <TextField
                    label="Note"
                    value={draft.note}
                    onChange={(note) => change({ note })}
                    error={wrong('/note')}
                    hint="What to know before it is opened: shake, stir, never with water. It stands at the bench"
                />
                {!known && <ErrorNote error={keep.error} />}
                <Button type="primary" htmlType="submit" loading={keep.isPending}>
                    Keep
                </Button>
            </form>
        </SidePanel>
    );
}

interface ColourProps {
    value: string;
    onChange: (value: string) => void;
    error: string | undefined;
}

/** Typed, or picked; the picker of the browser is its only colour outside the swatch. */
function ColourField({ value, onChange, error }: ColourProps) {
    const isHex = /^#[0-9a-f]{6}$/i.test(value);
    return (
        <div className="colour-field">
            <TextField
                label="Colour"
                value={value}
                onChange={onChange}
                error={error}
                hint="A hex like #3e4c57, or L*a*b* like 31, -3, -8"
            />
            <label className="colour-pick" data-paint="">
                <span className="unseen">Pick the colour</span>
                <input type="color" value={isHex ? value : '#808080'} onChange={(event) => onChange(event.target.value)} />
            </label>
            {isHex && <Swatch hex={value} />}
        </div>
    );
}

interface WordsProps {
    label: string;
    words: readonly string[];
    value: string;
    onChange: (word: string) => void;
}

function Words({ label, words, value, onChange }: WordsProps): ReactNode {
    return (
        <Field label={label}>
            {(id) => (
                <Select id={id} value={value} options={words.map((word) => ({ value: word, label: word }))} onChange={onChange} />
            )}
        </Field>
    );
}
