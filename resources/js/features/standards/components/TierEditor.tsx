import { millimetres, minutes } from '@shared/format';
import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import { type Change, type Draft, piece, type TierDoc, withMember } from '../document';
import { errorsOf } from '../errors';
import { type MembersInHand, membersOf } from '../members';
import { vocabularyOptions } from '../queries';
import { usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { RemovePiece } from './RemovePiece';
import { NumberField } from '@shared/Field';
import { SIDES } from '@shared/sides';
import { LimitsBySize } from './LimitsBySize';
import { MemberFields } from './MemberFields';
import { NoticeMark } from './NoticeMark';
import { PriceEditor } from './PriceEditor';

interface Props {
    draft: Draft;
    id: string;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
    /** To the first surface that nobody has decided at this tier; null: there is none. */
    onNext: (() => void) | null;
    /** To a column pasted from a spreadsheet. */
    onPaste: () => void;
    /** To its minutes from what a whole figure takes. */
    onHours: () => void;
}

export function TierEditor({ draft, id, onClose, onChange, onNext, onPaste, onHours }: Props) {
    const stored = draft.document.tiers.find((one) => one.id === id) ?? null;
    const hand = usePiece<TierDoc>(draft, piece('tier', id), stored);
    const vocabulary = useQuery(vocabularyOptions());
    const tier = hand.value;
    if (tier === null) {
        return null;
    }
    const errors = errorsOf(hand.error);
    const said = (hand.preview?.tiers ?? draft.sheet.tiers).find((one) => one.key === id);
    const members = membersOf(vocabulary.data?.fields.tier, tier, errors, hand.change);
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
                <MemberFields section="head" {...members} />
            </div>
            <Looking tier={tier} said={said} members={members} onChange={hand.change} />
            <Bounds tier={tier} said={said} members={members} reference={draft.sheet.reference} onChange={hand.change} />
            <LimitsBySize
                tier={tier}
                sizeClasses={vocabulary.data?.size_classes ?? []}
                errors={errors}
                onChange={(limits) => hand.change(withMember(tier, 'limits_by_size', limits))}
            />
            <PriceEditor
                tier={tier}
                sizeClasses={vocabulary.data?.size_classes ?? []}
                errors={errors}
                onChange={(price) => hand.change(withMember(tier, 'price', price))}
            />
            <Dealing tier={tier} members={members} onChange={hand.change} />
            <MemberFields section="note" {...members} />
            <div className="copy-deeds">
                <button type="button" className="plain-button" onClick={onPaste}>
                    Paste its column
                </button>
                <button type="button" className="plain-button" onClick={onHours}>
                    Minutes from a total
                </button>
                <RemovePiece draft={draft} piece={piece('tier', id)} label="Take this tier away" onChange={onChange} />
            </div>
        </PiecePanel>
    );
}

interface PartProps {
    tier: TierDoc;
    said: Schemas['SheetTier'] | undefined;
    members: MembersInHand;
    onChange: (tier: TierDoc) => void;
}

function Looking({ tier, said, members, onChange }: PartProps) {
    return (
        <>
            <h3>How it is looked at</h3>
            <div className="fields">
                <MemberFields section="look" {...members} />
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

function Bounds({ tier, said, members, reference, onChange }: PartProps & { reference: string }) {
    return (
        <>
            <h3>What it bears</h3>
            <div className="fields">
                {(['critical', 'major', 'minor'] as const).map((severity) => (
                    <NumberField
                        key={severity}
                        label={severity}
                        value={tier.limits[severity]}
                        error={members.errors(`limits.${severity}`)}
                        onChange={(value) =>
                            value !== undefined && onChange({ ...tier, limits: { ...tier.limits, [severity]: value } })
                        }
                    />
                ))}
                <MemberFields
                    section="bounds"
                    {...members}
                    hints={said === undefined ? {} : { budget_minutes: `a ${reference} takes ${minutes(said.minutes)}` }}
                />
            </div>
        </>
    );
}

function Dealing({ tier, members, onChange }: Pick<PartProps, 'tier' | 'members' | 'onChange'>) {
    return (
        <>
            <h3>How it is dealt with</h3>
            <div className="checks">
                <MemberFields section="dealing" {...members} />
                <Checkbox
                    checked={tier.checked_by === 'lead'}
                    onChange={(event) => onChange(withMember(tier, 'checked_by', event.target.checked ? 'lead' : undefined))}
                >
                    Only the lead checks it
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
