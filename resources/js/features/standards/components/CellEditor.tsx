import { useSession } from '@features/session';
import { Choice } from '@shared/Choice';
import { fewMinutes } from '@shared/format';
import { useKeys } from '@shared/useKeys';
import { useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import {
    type CellDoc,
    type Change,
    cellOf,
    cellPiece,
    type Draft,
    revisionOf,
    type StandardDoc,
    tidied,
    nameOfUse,
    withMember,
} from '../document';
import { errorsOf } from '../errors';
import { platesOptions, vocabularyOptions } from '../queries';
import { type PieceInHand, usePiece } from '../usePiece';
import { PiecePanel } from './PiecePanel';
import { CriteriaEditor } from './CriteriaEditor';
import { TextField } from '@shared/Field';
import { type FindingDeeds, FindingNote } from './FindingNote';
import { LayerList } from './LayerList';
import { MenuEditor } from './MenuEditor';
import { Plate } from '@features/plates';

interface Props {
    draft: Draft;
    tier: string;
    surface: string;
    deeds: FindingDeeds;
    onClose: () => void;
    onChange: (changes: Change[]) => void;
    /** To the next cell of this tier that nobody has decided; null: there is none. */
    onNext: (() => void) | null;
}

type State = 'asked' | 'not-asked' | 'undecided';

export function CellEditor({ draft, tier, surface, deeds, onClose, onChange, onNext }: Props) {
    const { document, sheet } = draft;
    const hand = usePiece<CellDoc>(draft, cellPiece(tier, surface), cellOf(document, tier, surface));
    const vocabulary = useQuery(vocabularyOptions());
    const { studio } = useSession();
    const cell = hand.value;
    const errors = errorsOf(hand.error);
    const said = (hand.preview?.cells ?? sheet.cells).find((one) => one.tier === tier && one.surface === surface);
    const state: State = cell === null ? 'undecided' : cell.uses.length === 0 ? 'not-asked' : 'asked';
    const tierName = document.tiers.find((one) => one.id === tier)?.name ?? tier;
    const surfaceName = document.surfaces.find((one) => one.id === surface)?.name ?? surface;
    const write = (next: CellDoc) => hand.change(next);
    const here = (hand.preview?.findings ?? sheet.findings).filter(
        (finding) => finding.tier === tier && finding.surface === surface,
    );
    const fixable = hand.isDirty ? undefined : here.find((finding) => finding.fix !== null && finding.accepted === null);
    useKeys(
        fixable === undefined ? {} : { x: { does: 'mends the finding in hand', deed: () => deeds.fix(fixable) } },
        studio.single_keys,
    );
    return (
        <PiecePanel
            title={`${tierName}, ${surfaceName}`}
            hand={hand}
            words={(value) => <Words cell={value} document={document} />}
            onClose={onClose}
        >
            <div className="cell-state">
                <Choice<State>
                    label="What this tier says of the surface"
                    value={state}
                    options={[
                        { value: 'asked', label: 'Asked' },
                        { value: 'not-asked', label: 'Not asked for' },
                        { value: 'undecided', label: 'Undecided' },
                    ]}
                    onChange={(next) => hand.change(inState(next, cell, tier, surface, document))}
                />
                {onNext !== null && (
                    <button type="button" className="link-button" onClick={onNext}>
                        Next question
                    </button>
                )}
            </div>
            <LivePlate hand={hand} draft={draft} tier={tier} surface={surface} about={`${tierName}, ${surfaceName}`} />
            <p className="cell-minutes">
                {said?.minutes === null || said?.minutes === undefined
                    ? `Nothing of it on a ${sheet.reference}`
                    : `${fewMinutes(said.minutes)} min on a ${sheet.reference}`}
            </p>
            {here.map((finding) => (
                <FindingNote
                    key={finding.code + (finding.use ?? '')}
                    finding={finding}
                    deeds={hand.isDirty ? null : deeds}
                    isKeyed={finding === fixable && studio.single_keys}
                />
            ))}
            {cell !== null && (
                <>
                    <LayerList
                        version={sheet.id}
                        document={document}
                        cell={cell}
                        said={said}
                        errors={errors}
                        onChange={(uses, renamed) => write(tidied(renamedIn({ ...cell, uses }, renamed)))}
                    />
                    <CriteriaEditor
                        criteria={cell.criteria ?? []}
                        uses={cell.uses}
                        schools={vocabulary.data?.schools ?? []}
                        errors={errors}
                        onChange={(criteria) => write({ ...cell, criteria })}
                    />
                    <MenuEditor
                        menus={cell.menu ?? []}
                        uses={cell.uses}
                        errors={errors}
                        onChange={(menu) => write(withMember(cell, 'menu', menu.length === 0 ? undefined : menu))}
                    />
                    <TextField
                        label="Note"
                        rows={2}
                        value={cell.note}
                        onChange={(note) => write(withMember(cell, 'note', note))}
                    />
                </>
            )}
            <CopyDeeds draft={draft} tier={tier} surface={surface} cell={cell} onTake={hand.change} onChange={onChange} />
        </PiecePanel>
    );
}

/** An empty requirement is "not asked for", none at all is "undecided". */
function inState(state: State, cell: CellDoc | null, tier: string, surface: string, document: StandardDoc): CellDoc | null {
    if (state === 'undecided') {
        return null;
    }
    if (state === 'not-asked') {
        return { tier, surface, uses: [] };
    }
    if (cell !== null && cell.uses.length > 0) {
        return cell;
    }
    const first = document.techniques.find((technique) => technique.group === 'lay-in') ?? document.techniques[0];
    return { tier, surface, uses: first === undefined ? [] : [{ technique: first.id, minutes: 0 }] };
}

function renamedIn(cell: CellDoc, renamed: { from: string; to: string } | undefined): CellDoc {
    if (renamed === undefined || renamed.from === renamed.to) {
        return cell;
    }
    const rename = (names: string[]) => names.map((name) => (name === renamed.from ? renamed.to : name));
    return {
        ...cell,
        uses: cell.uses.map((use) => (use.in_turn_with === renamed.from ? { ...use, in_turn_with: renamed.to } : use)),
        ...(cell.criteria === undefined
            ? {}
            : { criteria: cell.criteria.map((one) => (one.uses === undefined ? one : { ...one, uses: rename(one.uses) })) }),
        ...(cell.menu === undefined ? {} : { menu: cell.menu.map((one) => ({ ...one, uses: rename(one.uses) })) }),
    };
}

function LivePlate({
    hand,
    draft,
    tier,
    surface,
    about,
}: {
    hand: PieceInHand<CellDoc>;
    draft: Draft;
    tier: string;
    surface: string;
    about: string;
}) {
    const stored = useQuery(platesOptions(draft.sheet.id, draft.sheet.revision, surface));
    const plate = (hand.preview?.plates ?? stored.data)?.find((one) => one.tier === tier);
    return plate === undefined ? null : (
        <>
            <Plate plate={plate} about={about} />
            <p className="plate-span">values over {Math.round(plate.span)} of L*, in neutral colours</p>
        </>
    );
}

/** A cell in a few words, for two to be told apart. */
function Words({ cell, document }: { cell: CellDoc | null; document: StandardDoc }) {
    if (cell === null) {
        return <p>undecided</p>;
    }
    if (cell.uses.length === 0) {
        return <p>not asked for</p>;
    }
    return (
        <ol className="conflict-stack">
            {cell.uses.toReversed().map((use) => (
                <li key={nameOfUse(use)}>
                    {(use.any_of ?? [use.technique ?? ''])
                        .map((id) => document.techniques.find((one) => one.id === id)?.name ?? id)
                        .join(' or ')}
                    {[
                        (use.coats ?? 1) > 1 ? `, ${use.coats} coats` : '',
                        (use.steps ?? 1) > 1 ? `, ${use.steps} steps` : '',
                        use.extent === undefined ? '' : `, ${use.extent}`,
                        `, ${use.minutes ?? 0} min`,
                    ].join('')}
                </li>
            ))}
            {(cell.criteria ?? []).map((one) => (
                <li key={`c ${one.id}`}>
                    <small>{one.text}</small>
                </li>
            ))}
        </ol>
    );
}

interface CopyProps {
    draft: Draft;
    tier: string;
    surface: string;
    cell: CellDoc | null;
    onTake: (cell: CellDoc | null) => void;
    onChange: (changes: Change[]) => void;
}

function CopyDeeds({ draft, tier, surface, cell, onTake, onChange }: CopyProps) {
    const others = draft.document.tiers.filter((one) => one.id !== tier && cellOf(draft.document, one.id, surface) !== null);
    const rank = draft.document.tiers.find((one) => one.id === tier)?.rank ?? 0;
    const above = draft.document.tiers.filter((one) => one.rank > rank && !one.retired);
    return (
        <div className="copy-deeds">
            <Select
                aria-label="Copy this cell from another tier"
                placeholder="Copy from another tier"
                value={null}
                options={others.map((one) => ({ value: one.id, label: one.name }))}
                onChange={(from: string | null) => {
                    const source = from === null ? null : cellOf(draft.document, from, surface);
                    if (source !== null) {
                        onTake({ ...source, tier });
                    }
                }}
            />
            {cell !== null && above.length > 0 && (
                <button
                    type="button"
                    className="plain-button"
                    onClick={() =>
                        onChange(
                            above.map((one) => ({
                                ...cellPiece(one.id, surface),
                                revision: revisionOf(draft, cellPiece(one.id, surface)),
                                value: { ...cell, tier: one.id },
                            })),
                        )
                    }
                >
                    Copy to the {above.length === 1 ? 'tier' : `${above.length} tiers`} above
                </button>
            )}
        </div>
    );
}
