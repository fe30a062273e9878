import type { ApiError } from '@api';
import { MixInput } from '@features/paints';
import { NumberInput } from '@shared/NumberInput';
import { Button } from 'antd';
import type { UseDraft } from '../draft';
import { messageAt } from '../messageAt';

interface Props {
    uses: readonly UseDraft[];
    error: ApiError | null;
    onChange: (uses: UseDraft[]) => void;
}

/** Uses that are painted with colours of their own and not with a step of the ladder. */
export function OwnUses({ uses, error, onChange }: Props) {
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
