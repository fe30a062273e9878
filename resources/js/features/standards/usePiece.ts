import { api, type ApiError, unwrap } from '@api';
import { keptUntilSent } from '@shared/keptUntilSent';
import { useMutation, useMutationState, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type Change, type Draft, type Piece, revisionOf } from './document';
import { previewOptions, standardKeys } from './queries';

const PAUSE = 600;

interface Local<T> {
    value: T | null;
    revision: number;
    /** Written on what was still on its way when it was begun: stored on the revision that this one makes. */
    follows?: boolean;
}

/** What somebody else stored in the meantime. */
export interface Theirs<T> {
    value: T | null;
    revision: number;
    by: string;
}

export function postChanges(version: number, changes: readonly Change[]): Promise<Draft> {
    return unwrap(
        api.POST('/api/standards/{standardVersion}/changes', {
            params: { path: { standardVersion: version } },
            body: { changes: [...changes] },
        }),
    );
}

function theirsOf<T>(error: ApiError | null): Theirs<T> | null {
    return error?.code === 'stale' ? (error.now as Theirs<T>) : null;
}

/**
 * One piece of a draft while it is written: what is typed is kept here, shown in a preview by the core at
 * once, and stored after a short pause. What somebody else stored meanwhile is shown, never overwritten.
 */
export function usePiece<T>(draft: Draft, piece: Piece, stored: T | null) {
    const client = useQueryClient();
    const version = draft.sheet.id;
    const [local, setLocal] = useState<Local<T> | null>(null);
    const mutationKey = ['piece', version, piece.kind, piece.id, piece.surface];
    const save = useMutation({
        ...keptUntilSent,
        mutationKey,
        // One after the other, so the answer to the one before is known when this one goes out.
        mutationFn: ({ value, revision, follows }: Local<T>) => {
            const now = follows === true ? client.getQueryData<Draft>(standardKeys.draft(version)) : undefined;
            return postChanges(version, [{ ...piece, value, revision: now === undefined ? revision : revisionOf(now, piece) }]);
        },
        onSuccess: (now, sent) => {
            client.setQueryData(standardKeys.draft(version), now);
            setLocal((current) =>
                current === sent || current === null ? null : { ...current, revision: revisionOf(now, piece) },
            );
        },
    });
    const preview = useQuery({
        ...previewOptions(version, local === null ? [] : [{ ...piece, value: local.value, revision: local.revision }]),
        enabled: local !== null,
    });
    // What this panel sent before it was closed and opened again, while it is on its way.
    const underWay = useMutationState({
        filters: { mutationKey, exact: true, status: 'pending' },
        select: (mutation) => mutation.state.variables as Local<T>,
    }).at(-1);
    const { mutate } = save;
    const waiting = local !== null && !save.isPending && theirsOf(save.error) === null;
    // A panel that is closed stores what was typed last.
    const latest = useRef<Local<T> | null>(null);
    useEffect(() => {
        if (!waiting) {
            return;
        }
        const timer = setTimeout(() => {
            // Closed in the same moment, it is not sent a second time.
            latest.current = null;
            mutate(local);
        }, PAUSE);
        return () => clearTimeout(timer);
    }, [local, waiting, mutate]);

    useEffect(() => {
        const isSent = save.isPending && save.variables === local;
        latest.current = local === null || isSent || theirsOf(save.error) !== null ? null : { ...local, follows: save.isPending };
    });
    useEffect(
        () => () => {
            if (latest.current !== null) {
                mutate(latest.current);
            }
        },
        [mutate],
    );

    const error = save.error ?? preview.error;
    return {
        value: local !== null ? local.value : underWay !== undefined ? underWay.value : stored,
        isDirty: local !== null,
        isSaving: save.isPending || underWay !== undefined,
        preview: local === null ? undefined : preview.data,
        error: local === null || theirsOf(error) !== null ? null : error,
        theirs: local === null ? null : theirsOf<T>(save.error),
        change: (value: T | null) => {
            if (save.isError && theirsOf(save.error) === null) {
                save.reset();
            }
            setLocal((current) => ({
                value,
                revision: current?.revision ?? revisionOf(draft, piece),
                follows: current === null ? underWay !== undefined : current.follows === true,
            }));
        },
        takeTheirs: () => {
            save.reset();
            setLocal(null);
            void client.invalidateQueries({ queryKey: standardKeys.draft(version), exact: true });
        },
        storeMine: () => {
            const theirs = theirsOf<T>(save.error);
            if (local !== null && theirs !== null) {
                const again = { value: local.value, revision: theirs.revision };
                setLocal(again);
                save.mutate(again);
            }
        },
    };
}

export type PieceInHand<T> = ReturnType<typeof usePiece<T>>;
