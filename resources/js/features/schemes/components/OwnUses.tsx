import type { ApiError, Schemas } from '@api';
import { MixInput } from '@features/paints';
import { NumberInput } from '@shared/NumberInput';
import { Button } from 'antd';
import type { UseDraft } from '../draft';
import { messageAt } from '../messageAt';
import { Differs } from './Differs';

interface Props {
    uses: readonly UseDraft[];
    /** As they come out, once that is known. */
    shown: Schemas['SchemeArea'] | null;
    error: ApiError | null;
    onChange: (uses: UseDraft[]) => void;
}

/** Uses that are painted with colours of their own and not with a step of the ladder. */
export function OwnUses({ uses, shown, error, onChange }: Props) {
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
                        <UseDiffers use={use} shown={shown} onTake={(mix) => set(i, { mix })} />
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

/** What the ladder underneath has this use painted with, where that is another mix. */
function UseDiffers(props: { use: UseDraft; shown: Schemas['SchemeArea'] | null; onTake: (mix: string) => void }) {
    const { use, shown, onTake } = props;
    const stood = shown?.uses.find((one) => one.use === use.use && one.step === use.step && one.mix === use.mix)?.stood ?? null;
    const over = shown?.lies_over?.of ?? '';
    return stood === null ? null : (
        <Differs
            words={`differs from ${over}: ${stood}`}
            deed={{ say: 'as there', of: `: ${use.use} of ${over}`, onTake: () => onTake(stood) }}
        />
    );
}
