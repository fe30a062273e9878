import type { ApiError, Schemas } from '@api';
import { MakePaint } from '@features/paints';
import { ErrorNote } from '@shared/ErrorNote';
import { SidePanel } from '@shared/SidePanel';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { type AreaDraft, sameAs } from '../draft';
import { previewOptions, type View } from '../queries';
import { useAreaDraft } from '../useAreaDraft';
import { useSettled } from '../useSettled';
import { AreaSettings, HoldsFor } from './AreaSettings';
import { LadderBars } from './LadderBars';
import { LadderEditor } from './LadderEditor';
import { LadderFindings } from './LadderFindings';
import { OwnUses } from './OwnUses';
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
        <SidePanel title={name} state={stateOf(hand, area, wrong)} onClose={onClose} foot={deedsOf(hand, onClose)}>
            {area === null && <HoldsFor scheme={scheme} draft={draft} onChange={change} />}
            {shown !== null && shown.rungs.some((rung) => rung.role !== 'ground') && <LadderBars area={shown} />}
            {preview.data !== undefined && <PlateRow plates={preview.data.plates} />}
            <LadderEditor
                draft={draft}
                others={scheme.areas.filter((one) => one.area !== name && one.rungs.length > 0)}
                shown={isSame(shown, draft) ? shown : null}
                error={wrong}
                onChange={(rungs) => change({ rungs })}
                onSameAs={(other) => change(other === null ? { same_as: '' } : sameAs(other))}
                figures={figures}
                onFigures={setFigures}
            />
            <MakePaint error={wrong} onMade={() => change({ rungs: [...draft.rungs] })} />
            {shown !== null && (
                <LadderFindings scheme={scheme} view={view} area={shown} draft={draft} onChange={(rungs) => change({ rungs })} />
            )}
            <OwnUses uses={draft.uses} shown={shown} error={wrong} onChange={(uses) => change({ uses })} />
            <AreaSettings scheme={scheme} draft={draft} isNew={area === null} onChange={change} />
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
            <Over scheme={scheme} area={area} shown={shown} />
        </SidePanel>
    );
}

/** What these colours are a difference of, if of anything. */
function Over({ scheme, area, shown }: { scheme: Scheme; area: Area | null; shown: Area | null }) {
    const over = shown?.lies_over?.of;
    if (area?.inherited === true) {
        return (
            <p>
                <small>
                    These are the colours of {area.of_scheme}. What you change here becomes a difference of {scheme.name}; the
                    rest goes on with {area.of_scheme}.
                </small>
            </p>
        );
    }
    return over === undefined ? null : (
        <p>
            <small>Steps that do not differ go with {over} when they are changed there.</small>
        </p>
    );
}

/** What can be done to the area as a whole, if anything. */
function deedsOf(hand: ReturnType<typeof useAreaDraft>, onClose: () => void) {
    if (hand.asOpened === null && hand.remove === null) {
        return undefined;
    }
    return (
        <>
            {hand.asOpened !== null && <Button onClick={hand.asOpened}>As it was when opened</Button>}
            {hand.remove !== null && (
                <Button loading={hand.isRemoving} onClick={() => hand.remove?.(onClose)}>
                    Take away
                </Button>
            )}
        </>
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
