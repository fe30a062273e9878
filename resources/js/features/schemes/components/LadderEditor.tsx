import { api, type ApiError, type Schemas, unwrap } from '@api';
import { ErrorNote } from '@shared/ErrorNote';
import { NumberInput } from '@shared/NumberInput';
import { useMutation } from '@tanstack/react-query';
import { Button, Select } from 'antd';
import { type AreaDraft, draftOf, moved, putBack, type RungDraft } from '../draft';
import { messageAt } from '../messageAt';
import { Differs } from './Differs';
import { RungRow } from './RungRow';

type Area = Schemas['SchemeArea'];

interface Props {
    draft: AreaDraft;
    /** Areas whose ladders can be copied. */
    others: readonly Area[];
    shown: Area | null;
    error: ApiError | null;
    onChange: (rungs: RungDraft[]) => void;
    onSameAs: (area: Area | null) => void;
    figures: number;
    onFigures: (figures: number) => void;
}

/** The steps of a ladder, in the order they are laid. */
export function LadderEditor({ draft, others, shown, error, onChange, onSameAs, figures, onFigures }: Props) {
    const { rungs } = draft;
    // The core says how a ladder goes on; what was typed until its answer came stays.
    const next = useMutation<Schemas['NextStep']>({
        mutationFn: () =>
            unwrap(api.POST('/api/schemes/next-step', { body: { rungs: rungs.map(({ role, cover }) => ({ role, cover })) } })),
        onSuccess: (step) => onChange([...rungs, { ...step, mix: '' }]),
    });
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
                        over={shown?.lies_over?.of}
                        onChange={(next) => onChange(rungs.map((one, at) => (at === i ? next : one)))}
                        onMove={(to) => onChange(moved(rungs, i, to))}
                        onRemove={() => onChange(rungs.filter((_, at) => at !== i))}
                    />
                ))}
            </ol>
            {shown?.lies_over?.left_out.map((left, i) => (
                <Differs
                    key={i}
                    words={`left out: ${left.rung.role} ${left.rung.mix}`}
                    deed={{ say: 'put back', of: ` ${left.rung.mix}`, onTake: () => onChange(putBack(rungs, left)) }}
                />
            ))}
            <div className="rungs-end">
                <Button loading={next.isPending} onClick={() => next.mutate()}>
                    Add a step
                </Button>
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
                {draft.same_as === '' ? (
                    <Select
                        aria-label="The same as another area"
                        placeholder="Same as …"
                        value={null}
                        options={others.map((other) => ({ value: other.area, label: other.area }))}
                        onChange={(area: string | null) => onSameAs(others.find((other) => other.area === area) ?? null)}
                    />
                ) : (
                    <Button onClick={() => onSameAs(null)}>No longer the same as {draft.same_as}</Button>
                )}
            </div>
            {next.error !== null && <ErrorNote error={next.error} />}
        </section>
    );
}
