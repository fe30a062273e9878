import type { Schemas } from '@api';
import { dropsInWords, MixInput } from '@features/paints';
import { NumberInput } from '@shared/NumberInput';
import { Swatch } from '@shared/Swatch';
import { Why } from '@shared/Why';
import { Select } from 'antd';
import { roles, type RungDraft } from '../draft';
import { Differs } from './Differs';

interface Props {
    rung: RungDraft;
    number: number;
    shown: Schemas['SchemeRung'] | null;
    error: string | undefined;
    isLast: boolean;
    /** What the ladder lies over, where this one says only what differs. */
    over: string | undefined;
    onChange: (rung: RungDraft) => void;
    onMove: (to: number) => void;
    onRemove: () => void;
}

/** One step of a ladder, as it is written. */
export function RungRow({ rung, number, shown, error, isLast, over, onChange, onMove, onRemove }: Props) {
    return (
        <li className="rung">
            <Select
                aria-label={`Role of step ${number}`}
                value={rung.role}
                options={roles.map((role) => ({ value: role, label: role }))}
                onChange={(role) => onChange({ ...rung, role })}
            />
            <div className="rung-mix">
                <MixInput
                    label={`What step ${number} is painted with`}
                    value={rung.mix}
                    onChange={(mix) => onChange({ ...rung, mix })}
                    wrong={error !== undefined}
                />
            </div>
            <NumberInput
                aria-label={`Cover of step ${number}, of a hundred`}
                min={1}
                max={100}
                value={Math.round(rung.cover * 100)}
                suffix="%"
                onChange={(cover) => onChange({ ...rung, cover: (cover ?? 100) / 100 })}
            />
            <span className="rung-deeds">
                <button
                    type="button"
                    aria-label={`Step ${number} earlier`}
                    disabled={number === 1}
                    onClick={() => onMove(number - 2)}
                >
                    ↑
                </button>
                <button type="button" aria-label={`Step ${number} later`} disabled={isLast} onClick={() => onMove(number)}>
                    ↓
                </button>
                <button type="button" aria-label={`Take step ${number} away`} onClick={onRemove}>
                    ×
                </button>
            </span>
            {shown !== null && (
                <p className="rung-shown">
                    <Swatch hex={shown.hex} />
                    <small>
                        {shown.hex} · L* {Math.round(shown.lightness)} · value {shown.value}
                        {shown.recipe.forecast && ' · forecast'}
                        {shown.shared && ` · with the shared light: ${shown.recipe.text}`}
                        {shown.recipe.metal && ' · metal: match it by hand'}
                        {shown.batch !== null && ` · ${dropsInWords(shown.batch)} (${shown.batch.ml} ml)`}
                        {shown.recipe.too_much_water && ' · ▲ too much water: thin it with medium'}
                        {!shown.taken && ' · not at this tier'}
                    </small>
                    {shown.batch !== null && <Why why={shown.batch.why} about={`amount of step ${number}`} />}
                </p>
            )}
            {shown !== null && over !== undefined && shown.differs && (
                <Differs {...differing(over, number, shown.stood, onChange)} />
            )}
            {error !== undefined && (
                <p className="field-error" role="alert">
                    <span aria-hidden="true">◆ </span>
                    {error}
                </p>
            )}
        </li>
    );
}

/** How a step differs from what the ladder lies over, and the way back where that has a step in its place. */
function differing(over: string, number: number, stood: RungDraft | null, onTake: (rung: RungDraft) => void) {
    return stood === null
        ? { words: `not in ${over}` }
        : {
              words: `differs from ${over}: ${stood.mix}, ${Math.round(stood.cover * 100)} %`,
              deed: { say: 'as there', of: `: step ${number} of ${over}`, onTake: () => onTake(stood) },
          };
}
