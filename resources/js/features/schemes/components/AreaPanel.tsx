import { type ApiError, type Schemas } from '@api';
import { MixInput } from '@features/paints';
import { ErrorNote } from '@shared/ErrorNote';
import { Field, TextField } from '@shared/Field';
import { NumberInput } from '@shared/NumberInput';
import { SidePanel } from '@shared/SidePanel';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import { type AreaDraft, draftOf, filled, mended, moved, nextRung, type RungDraft, type Turn, type UseDraft } from '../draft';
import { previewOptions, type View } from '../queries';
import { useAreaDraft } from '../useAreaDraft';
import { useSettled } from '../useSettled';
import { LadderBars } from './LadderBars';
import { RungRow } from './RungRow';
import { PlateRow } from './SchemeSide';

type Scheme = Schemas['Scheme'];
type Area = Schemas['SchemeArea'];

interface Props {
    scheme: Scheme;
    view: View;
    /** Null for an area that has no colours in this scheme yet. */
    area: Area | null;
    name: string;
    onClose: () => void;
}

/** The colours of an area, as they are written: each change shows at once what it makes of the ladder and of the plates. */
export function AreaPanel({ scheme, view, area, name, onClose }: Props) {
    const hand = useAreaDraft(scheme, view, area, name);
    const { draft, change } = hand;
    const [figures, setFigures] = useState(10);
    const settled = useSettled(draft, 150);
    const preview = useQuery({ ...previewOptions(scheme.id, view, settled, figures), enabled: hand.isWhole });
    const shown = preview.data?.area ?? area;
    const wrong = preview.error ?? hand.error;
    return (
        <SidePanel title={name} state={stateOf(hand, area, wrong)} onClose={onClose}>
            {area === null && <HoldsFor scheme={scheme} draft={draft} onChange={change} />}
            {shown !== null && shown.rungs.some((rung) => rung.role !== 'ground') && <LadderBars area={shown} />}
            {preview.data !== undefined && <PlateRow plates={preview.data.plates} />}
            <Rungs
                draft={draft}
                others={scheme.areas.filter((one) => one.area !== name && one.rungs.length > 0)}
                shown={isSame(shown, draft) ? shown : null}
                error={wrong}
                onChange={(rungs) => change({ rungs })}
                figures={figures}
                onFigures={setFigures}
            />
            {shown !== null && <Findings area={shown} draft={draft} onChange={(rungs) => change({ rungs })} />}
            <Uses uses={draft.uses} error={wrong} onChange={(uses) => change({ uses })} />
            <Settings scheme={scheme} draft={draft} isNew={area === null} onChange={change} />
            {hand.theirs !== null && (
                <section className="conflict" role="alert">
                    <p>
                        <span aria-hidden="true">◆ </span>Somebody else changed this while you wrote. Theirs is stored:{' '}
                        {hand.theirs.rungs.map((rung) => `${rung.role} ${rung.mix}`).join(', ')}.
                    </p>
                    <Button onClick={hand.takeTheirs}>Take theirs</Button>
                    <Button type="primary" onClick={hand.storeMine}>
                        Store mine over theirs
                    </Button>
                </section>
            )}
            {wrong !== null && isOfWhole(wrong) && <ErrorNote error={wrong} />}
            <div className="side-deeds">
                {hand.asOpened !== null && <Button onClick={hand.asOpened}>As it was when opened</Button>}
                {hand.remove !== null && (
                    <Button loading={hand.isRemoving} onClick={() => hand.remove?.(onClose)}>
                        Take away
                    </Button>
                )}
            </div>
            {area?.inherited === true && (
                <p>
                    <small>
                        These are the colours of {area.of_scheme}. What you change here becomes a difference of {scheme.name}.
                    </small>
                </p>
            )}
        </SidePanel>
    );
}

/** Whether what was typed is stored, and if not, why. */
function stateOf(hand: ReturnType<typeof useAreaDraft>, area: Area | null, wrong: ApiError | null): string {
    if (hand.isStoring) {
        return 'storing';
    }
    if (!hand.isDirty) {
        return area === null ? '' : 'stored';
    }
    return hand.isWhole && wrong === null && hand.theirs === null ? 'storing' : 'not stored yet';
}

/** Whether what was computed is of what is written now, so that its swatches stand at the right steps. */
function isSame(area: Area | null, draft: AreaDraft): boolean {
    return (
        area !== null &&
        area.rungs.length === draft.rungs.length &&
        area.rungs.every((rung, i) => rung.role === draft.rungs[i]?.role)
    );
}

function isOfWhole(error: ApiError): boolean {
    return !/^\/(rungs|uses)\/\d+/.test(error.path);
}

function messageAt(error: ApiError | null, path: string): string | undefined {
    if (error === null) {
        return undefined;
    }
    return (
        error.problems.find((one) => one.path.startsWith(path))?.message ??
        (error.path.startsWith(path) ? error.message : undefined)
    );
}

interface RungsProps {
    draft: AreaDraft;
    /** Areas whose ladders can be copied. */
    others: readonly Area[];
    shown: Area | null;
    error: ApiError | null;
    onChange: (rungs: RungDraft[]) => void;
    figures: number;
    onFigures: (figures: number) => void;
}

function Rungs({ draft, others, shown, error, onChange, figures, onFigures }: RungsProps) {
    const { rungs } = draft;
    return (
        <section className="rungs">
            <h3>Steps, in the order they are laid</h3>
            <label className="rungs-for">
                Mixes for
                <NumberInput
                    aria-label="Figures to mix for"
                    min={1}
                    max={1000}
                    whole
                    size="small"
                    value={figures}
                    onChange={(many) => onFigures(many ?? 1)}
                />{' '}
                figures
            </label>
            <ol>
                {rungs.map((rung, i) => (
                    <RungRow
                        key={i}
                        rung={rung}
                        number={i + 1}
                        shown={shown?.rungs[i] ?? null}
                        error={messageAt(error, `/rungs/${i}`)}
                        isLast={i === rungs.length - 1}
                        onChange={(next) => onChange(rungs.map((one, at) => (at === i ? next : one)))}
                        onMove={(to) => onChange(moved(rungs, i, to))}
                        onRemove={() => onChange(rungs.filter((_, at) => at !== i))}
                    />
                ))}
            </ol>
            <div className="rungs-end">
                <Button onClick={() => onChange([...rungs, nextRung(rungs)])}>Add a step</Button>
                <Select
                    aria-label="Copy the ladder of another area"
                    placeholder="Copy the ladder of …"
                    value={null}
                    options={others.map((other) => ({ value: other.area, label: other.area }))}
                    onChange={(area: string | null) => {
                        const from = others.find((other) => other.area === area);
                        if (from !== undefined) {
                            onChange(draftOf(from).rungs);
                        }
                    }}
                />
            </div>
        </section>
    );
}

interface FindingsProps {
    area: Area;
    draft: AreaDraft;
    onChange: (rungs: RungDraft[]) => void;
}

function Findings({ area, draft, onChange }: FindingsProps) {
    return (
        <section className="ladder-findings" aria-live="polite">
            {area.fault !== null && <p className="ladder-finding">▲ {area.fault.sentence}</p>}
            {area.findings.map((finding) => (
                <p key={`${finding.code} ${finding.at}`} className="ladder-finding">
                    <span aria-hidden="true">▲ </span>
                    {finding.at >= 0 && `Step ${finding.at + 1}: `}
                    {finding.sentence} <Why why={finding.why} about={finding.code} />
                    {finding.suggestion !== null && (
                        <Button
                            size="small"
                            onClick={() => finding.suggestion !== null && onChange(mended(draft.rungs, finding.suggestion))}
                        >
                            Mend: {finding.suggestion.sentence}
                        </Button>
                    )}
                </p>
            ))}
            {area.missing.length > 0 && (
                <p className="ladder-finding">
                    {area.missing.length === 1 ? 'One step is' : `${area.missing.length} steps are`} missing for even rises up to
                    the last light: {area.missing.map((rung) => rung.mix).join('; ')}.
                    <Button size="small" onClick={() => onChange(filled(draft.rungs, area.missing))}>
                        Put {area.missing.length === 1 ? 'it' : 'them'} in
                    </Button>
                </p>
            )}
        </section>
    );
}

interface UsesProps {
    uses: readonly UseDraft[];
    error: ApiError | null;
    onChange: (uses: UseDraft[]) => void;
}

function Uses({ uses, error, onChange }: UsesProps) {
    const set = (i: number, part: Partial<UseDraft>) => onChange(uses.map((one, at) => (at === i ? { ...one, ...part } : one)));
    return (
        <section className="uses">
            <h3>Single uses with colours of their own</h3>
            <ul>
                {uses.map((use, i) => (
                    <li key={i} className="use-row">
                        <input
                            className="plain-input"
                            aria-label={`Use ${i + 1}`}
                            value={use.use}
                            onChange={(event) => set(i, { use: event.target.value })}
                        />
                        <NumberInput
                            aria-label={`Step of use ${i + 1}`}
                            min={1}
                            max={99}
                            whole
                            value={use.step}
                            onChange={(step) => set(i, { step: step ?? 1 })}
                        />
                        <MixInput
                            label={`What use ${i + 1} is painted with`}
                            value={use.mix}
                            onChange={(mix) => set(i, { mix })}
                            wrong={messageAt(error, `/uses/${i}`) !== undefined}
                        />
                        <button
                            type="button"
                            className="link-as-button"
                            aria-label={`Take use ${i + 1} away`}
                            onClick={() => onChange(uses.filter((_, at) => at !== i))}
                        >
                            ×
                        </button>
                        {messageAt(error, `/uses/${i}`) !== undefined && (
                            <p className="field-error" role="alert">
                                ◆ {messageAt(error, `/uses/${i}`)}
                            </p>
                        )}
                    </li>
                ))}
            </ul>
            <Button onClick={() => onChange([...uses, { use: '', step: 1, mix: '' }])}>Add a use</Button>
        </section>
    );
}

interface SettingsProps {
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

function Settings({ scheme, draft, isNew, onChange }: SettingsProps) {
    return (
        <section className="side-form">
            <Checkbox
                checked={draft.takes_shared_light}
                onChange={(event) => onChange({ takes_shared_light: event.target.checked })}
            >
                Takes the shared light
            </Checkbox>
            <Field label="Toward its lights it">
                {(id) => <Select id={id} value={draft.turn} options={turns} onChange={(turn) => onChange({ turn })} />}
            </Field>
            {!isNew && (
                <p>
                    <small>
                        Holds for{' '}
                        {draft.figure_type === ''
                            ? 'any figure'
                            : `${scheme.types.find((type) => type.key === draft.figure_type)?.name ?? draft.figure_type} only`}
                        .
                    </small>
                </p>
            )}
            <TextField label="Note" value={draft.note} onChange={(note) => onChange({ note })} />
            {draft.rungs.length > 0 && <SwatchLine draft={draft} />}
        </section>
    );
}

/** Said before the first step, for with the first step it is stored. */
function HoldsFor({ scheme, draft, onChange }: Omit<SettingsProps, 'isNew'>) {
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
