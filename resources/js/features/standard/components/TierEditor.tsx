import { millimetres, minutes } from '@shared/format';
import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { type Change, type Draft, piece, type TierDoc, withMember } from '../document';
import { type Errors, errorsOf } from '../errors';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { NumberField, TextField } from '@shared/Field';
import { NoticeMark } from './NoticeMark';
import { PriceEditor } from './PriceEditor';
import { WordField } from './WordField';

const SIDES = ['front', 'left', 'back', 'right', 'above', 'below'];

interface Props {
    draft: Draft;
    id: string;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
    /** To the first surface that nobody has decided at this tier; null: there is none. */
    onNext: (() => void) | null;
    /** To a column pasted from a spreadsheet. */
    onPaste: () => void;
}

export function TierEditor({ draft, id, onClose, onChange, onNext, onPaste }: Props) {
    const stored = draft.document.tiers.find((one) => one.id === id) ?? null;
    const hand = usePiece<TierDoc>(draft, piece('tier', id), stored);
    const vocabulary = useQuery(vocabularyOptions());
    const tier = hand.value;
    if (tier === null) {
        return null;
    }
    const errors = errorsOf(hand.error);
    const said = (hand.preview?.tiers ?? draft.sheet.tiers).find((one) => one.key === id);
    const set = <K extends keyof TierDoc>(member: K, value: TierDoc[K] | undefined | '') =>
        hand.change(withMember(tier, member, value));
    return (
        <PiecePanel title={stored?.name ?? id} hand={hand} words={(value) => <Facts tier={value} />} onClose={onClose}>
            {onNext !== null && (
                <p>
                    Some surfaces are undecided here.{' '}
                    <button type="button" className="link-button" onClick={onNext}>
                        Go through them
                    </button>
                </p>
            )}
            <div className="fields">
                <TextField
                    label="Name"
                    value={tier.name}
                    error={errors('name')}
                    onChange={(name) => hand.change({ ...tier, name })}
                />
                <NumberField
                    label="Rank"
                    value={tier.rank}
                    error={errors('rank')}
                    onChange={needing(tier, hand.change)('rank')}
                />
                <WordField
                    label="Made"
                    value={tier.purpose}
                    words={['played', 'displayed']}
                    say={(word) => (word === 'played' ? 'to be played with' : 'to be displayed')}
                    onChange={(purpose) => set('purpose', purpose)}
                />
            </div>
            <Looking tier={tier} said={said} errors={errors} onChange={hand.change} />
            <Bounds tier={tier} said={said} reference={draft.sheet.reference} errors={errors} onChange={hand.change} />
            <PriceEditor
                tier={tier}
                sizeClasses={vocabulary.data?.size_classes ?? []}
                errors={errors}
                onChange={(price) => set('price', price)}
            />
            <Dealing tier={tier} onChange={hand.change} />
            <TextField label="Note" rows={2} value={tier.note} error={errors('note')} onChange={(note) => set('note', note)} />
            <div className="copy-deeds">
                <button type="button" className="plain-button" onClick={onPaste}>
                    Paste its column
                </button>
                <RemovePiece draft={draft} piece={piece('tier', id)} label="Take this tier away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}

interface PartProps {
    tier: TierDoc;
    said: Schemas['SheetTier'] | undefined;
    errors: Errors;
    onChange: (tier: TierDoc) => void;
}

/** A member that may not be left out keeps its last value while its field is empty. */
function needing(tier: TierDoc, onChange: (tier: TierDoc) => void) {
    return <K extends keyof TierDoc>(member: K) =>
        (value: TierDoc[K] | undefined) => {
            if (value !== undefined) {
                onChange({ ...tier, [member]: value });
            }
        };
}

function Looking({ tier, said, errors, onChange }: PartProps) {
    const need = needing(tier, onChange);
    return (
        <>
            <h3>How it is looked at</h3>
            <div className="fields">
                <NumberField
                    label="Distance"
                    suffix="mm"
                    value={tier.distance_mm}
                    error={errors('distance_mm')}
                    onChange={need('distance_mm')}
                />
                <NumberField
                    label="Notices from"
                    suffix="′"
                    step={0.5}
                    value={tier.notice_arcmin}
                    otherwise={1}
                    error={errors('notice_arcmin')}
                    onChange={(value) => onChange(withMember(tier, 'notice_arcmin', value))}
                />
                <NumberField
                    label="Last look"
                    suffix="min"
                    step={0.5}
                    value={tier.look_minutes}
                    error={errors('look_minutes')}
                    onChange={need('look_minutes')}
                />
            </div>
            {said !== undefined && (
                <div className="notice">
                    <NoticeMark millimetres={said.smallest_mm} />
                    <p>A stray dot under {millimetres(said.smallest_mm)} does not count here.</p>
                </div>
            )}
            <fieldset className="sides-field">
                <legend>Sides that count</legend>
                {SIDES.map((side) => (
                    <Checkbox
                        key={side}
                        checked={tier.sides.includes(side)}
                        onChange={(event) =>
                            onChange({
                                ...tier,
                                sides: event.target.checked
                                    ? SIDES.filter((one) => one === side || tier.sides.includes(one))
                                    : tier.sides.filter((one) => one !== side),
                            })
                        }
                    >
                        {side}
                    </Checkbox>
                ))}
            </fieldset>
        </>
    );
}

function Bounds({ tier, said, reference, errors, onChange }: PartProps & { reference: string }) {
    const need = needing(tier, onChange);
    return (
        <>
            <h3>What it bears</h3>
            <div className="fields">
                {(['critical', 'major', 'minor'] as const).map((severity) => (
                    <NumberField
                        key={severity}
                        label={severity}
                        value={tier.limits[severity]}
                        error={errors(`limits.${severity}`)}
                        onChange={(value) =>
                            value !== undefined && onChange({ ...tier, limits: { ...tier.limits, [severity]: value } })
                        }
                    />
                ))}
                <NumberField
                    label="Colour off by"
                    suffix="ΔE"
                    step={0.5}
                    value={tier.colour_tolerance}
                    error={errors('colour_tolerance')}
                    onChange={need('colour_tolerance')}
                />
                <NumberField
                    label="Value span to reach"
                    suffix="L*"
                    value={tier.value_span}
                    error={errors('value_span')}
                    onChange={(value) => onChange(withMember(tier, 'value_span', value))}
                />
                <NumberField
                    label="Budget"
                    suffix="min"
                    value={tier.budget_minutes}
                    error={errors('budget_minutes')}
                    hint={said === undefined ? '' : `a ${reference} takes ${minutes(said.minutes)}`}
                    onChange={need('budget_minutes')}
                />
            </div>
        </>
    );
}

function Dealing({ tier, onChange }: Pick<PartProps, 'tier' | 'onChange'>) {
    const set = <K extends keyof TierDoc>(member: K, value: TierDoc[K] | undefined) => onChange(withMember(tier, member, value));
    return (
        <>
            <h3>How it is dealt with</h3>
            <div className="checks">
                <Checkbox
                    checked={tier.by_agreement}
                    onChange={(event) => onChange({ ...tier, by_agreement: event.target.checked })}
                >
                    By agreement: no bounds, no list
                </Checkbox>
                <Checkbox
                    checked={tier.sampling ?? false}
                    onChange={(event) => set('sampling', event.target.checked || undefined)}
                >
                    Long runs may be checked by a sample
                </Checkbox>
                <Checkbox
                    checked={tier.photograph ?? false}
                    onChange={(event) => set('photograph', event.target.checked || undefined)}
                >
                    A photograph belongs to the record
                </Checkbox>
                <Checkbox
                    checked={tier.checked_by === 'lead'}
                    onChange={(event) => set('checked_by', event.target.checked ? 'lead' : undefined)}
                >
                    Only the lead checks it
                </Checkbox>
                <Checkbox checked={tier.retired} onChange={(event) => onChange({ ...tier, retired: event.target.checked })}>
                    Retired: old jobs keep it, new ones do not take it
                </Checkbox>
            </div>
        </>
    );
}

function Facts({ tier }: { tier: TierDoc | null }) {
    return tier === null ? (
        <p>taken away</p>
    ) : (
        <p>
            {tier.name}, rank {tier.rank}, {tier.distance_mm} mm, limits {tier.limits.critical}/{tier.limits.major}/
            {tier.limits.minor}, {tier.budget_minutes} min
        </p>
    );
}
