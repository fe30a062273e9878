import { api, type ApiError, unwrap } from '@api';
import { keptUntilSent } from '@shared/keptUntilSent';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { type Change, type Draft, type Piece, revisionOf } from './document';
import { previewOptions, standardKeys } from './queries';

const PAUSE = 600;

interface Local<T> {
    value: T | null;
    revision: number;
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
    const save = useMutation({
        ...keptUntilSent,
        mutationFn: (sent: Local<T>) => postChanges(version, [{ ...piece, ...sent }]),
        onSuccess: (now, sent) => {
            client.setQueryData(standardKeys.draft(version), now);
            setLocal((current) =>
                current === sent || current === null ? null : { ...current, revision: revisionOf(now, piece) },
            );
        },
    });
    const preview = useQuery({
        ...previewOptions(version, local === null ? [] : [{ ...piece, ...local }]),
        enabled: local !== null,
    });
    const { mutate } = save;
    const waiting = local !== null && !save.isPending && theirsOf(save.error) === null;
    useEffect(() => {
        if (!waiting) {
            return;
        }
        const timer = setTimeout(() => mutate(local), PAUSE);
        return () => clearTimeout(timer);
    }, [local, waiting, mutate]);

    // A panel that is closed stores what was typed last.
    const latest = useRef<Local<T> | null>(null);
    useEffect(() => {
        latest.current = waiting ? local : null;
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
        value: local === null ? stored : local.value,
        isDirty: local !== null,
        isSaving: save.isPending,
        preview: local === null ? undefined : preview.data,
        error: local === null || theirsOf(error) !== null ? null : error,
        theirs: local === null ? null : theirsOf<T>(save.error),
        change: (value: T | null) => {
            if (save.isError && theirsOf(save.error) === null) {
                save.reset();
            }
            setLocal((current) => ({ value, revision: current?.revision ?? revisionOf(draft, piece) }));
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
