import { type Schemas } from '@api';
import { useMutationState } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type AreaDraft, draftOf, newArea } from './draft';
import type { View } from './queries';
import { type Kept, keepKey, useScheme } from './useScheme';

type Scheme = Schemas['Scheme'];
type Area = Schemas['SchemeArea'];

const PAUSE = 600;

/** What somebody writes, and the stored colours on which it was written; `kept` once it is stored as it is. */
interface Hand {
    draft: AreaDraft;
    on: Area | null;
    kept: boolean;
    /** Begun on what was still on its way. */
    follows: boolean;
}

/** A step without its paint is not a ladder yet. */
function isWhole(draft: AreaDraft): boolean {
    return draft.rungs.every((rung) => rung.mix !== '') && draft.uses.every((use) => use.mix !== '' && use.use !== '');
}

/** Whether the same colours were stored again since; the page may hear of what was stored a moment after the hand. */
function isLater(area: Area | null, than: Area | null): boolean {
    return area !== null && than !== null && area.id === than.id && (area.version ?? 0) > (than.version ?? 0);
}

/** What another scheme lends is not changed there; what is written becomes a difference of this one. */
function ownOf(area: Area | null): Area | null {
    return area === null || area.inherited ? null : area;
}

/**
 * The colours of an area while they are written: what is typed is kept here as it was typed and stored after a short
 * pause, at the latest when the panel is closed. What somebody else stored meanwhile is shown, never written over.
 */
export function useAreaDraft(scheme: Scheme, view: View, area: Area | null, name: string) {
    // What this panel sent before it was closed and opened again, while it is on its way.
    const underWay = useMutationState({
        filters: { mutationKey: keepKey(scheme.id, name), exact: true, status: 'pending' },
        select: (mutation) => (mutation.state.variables as Kept).draft,
    }).at(-1);
    const [opened] = useState(() => underWay ?? (ownOf(area) === null ? null : draftOf(area as Area)));
    const [hand, setHand] = useState<Hand | null>(null);
    const { keep, remove } = useScheme(scheme, view, name);
    const stored = underWay ?? (area === null ? newArea(name) : draftOf(area));
    const overtaken = keep.error?.status === 409 || keep.error?.code === 'area-exists';
    const stale = overtaken && hand !== null && area !== null && area.version !== hand.on?.version;
    // What is stored stays as it was typed under the hand of who types, until others change it.
    const current = hand !== null && !(hand.kept && isLater(area, hand.on)) ? hand : null;
    const draft = current?.draft ?? stored;
    const isDirty = current !== null && !current.kept;
    const isWorthStoring = isDirty && isWhole(draft) && !(area === null && draft.rungs.length === 0 && draft.uses.length === 0);
    const waiting = isWorthStoring && !keep.isPending && !keep.isError;

    // What was opened for any figure and made to differ on one is put back there.
    const onType = (one: AreaDraft): AreaDraft => ({ ...one, figure_type: draft.figure_type });

    const { mutate } = keep;
    const store = (sent: Hand) =>
        mutate(
            { draft: sent.draft, area: ownOf(sent.on), follows: sent.follows },
            {
                onSuccess: (now) => {
                    const on = now.areas.find((one) => one.area === name) ?? null;
                    setHand((latest) =>
                        latest === null ? null : { draft: latest.draft, on, kept: latest.draft === sent.draft, follows: false },
                    );
                },
            },
        );
    // Closing stores what was typed last, also what was refused before, for it may be right now, and what was typed
    // while an earlier word was on its way.
    const latest = useRef({ open: isWorthStoring && !stale, hand: current, store });
    useEffect(() => {
        const isSent = keep.isPending && keep.variables.draft === current?.draft;
        latest.current = {
            open: isWorthStoring && !stale && !isSent,
            hand: current !== null && keep.isPending ? { ...current, follows: true } : current,
            store,
        };
    });
    useEffect(() => {
        if (!waiting) {
            return;
        }
        const timer = setTimeout(() => {
            const { hand: typed, store: send } = latest.current;
            if (typed !== null) {
                // Closed in the same moment, it is not sent a second time.
                latest.current = { ...latest.current, open: false };
                send(typed);
            }
        }, PAUSE);
        return () => clearTimeout(timer);
    }, [draft, waiting]);
    useEffect(
        () => () => {
            if (latest.current.open && latest.current.hand !== null) {
                latest.current.store(latest.current.hand);
            }
        },
        [],
    );

    const write = (next: AreaDraft) => {
        if (!overtaken && keep.isError) {
            keep.reset();
        }
        setHand((before) => ({
            draft: next,
            on: before === null || (before.kept && isLater(area, before.on)) ? area : before.on,
            kept: false,
            follows: before === null ? underWay !== undefined : before.follows,
        }));
    };
    return {
        draft,
        isDirty,
        isWhole: isWhole(draft),
        isStoring: keep.isPending || underWay !== undefined,
        error: stale ? null : keep.error,
        /** Theirs, where somebody else stored something since this was begun. */
        theirs: stale ? area : null,
        change: (part: Partial<AreaDraft>) => write({ ...draft, ...part }),
        /** Back to what stood there when the panel was opened; null: that stands there now, or nothing stood there. */
        asOpened:
            opened === null || JSON.stringify(onType(opened)) === JSON.stringify(draft) ? null : () => write(onType(opened)),
        takeTheirs: () => {
            keep.reset();
            setHand(null);
        },
        storeMine: () => {
            if (hand !== null) {
                const mine = { ...hand, on: area, follows: false };
                setHand(mine);
                keep.reset();
                store(mine);
            }
        },
        isRemoving: remove.isPending,
        /** Takes the colours of the area away; null: there are none of this scheme's own. */
        remove:
            ownOf(area) === null
                ? null
                : (onRemoved: () => void) => {
                      latest.current = { ...latest.current, open: false };
                      setHand(null);
                      remove.mutate(area as Area, { onSuccess: onRemoved });
                  },
    };
}
