import type { ReactNode } from 'react';
import { errorsElsewhere } from '../errors';
import type { PieceInHand } from '../usePiece';
import { Conflict } from './Conflict';
import { SidePanel } from '@shared/SidePanel';

interface Props<T> {
    title: string;
    hand: PieceInHand<T>;
    /** A value in a few words, for two to be told apart. */
    words: (value: T | null) => ReactNode;
    onClose: () => void;
    children: ReactNode;
}

function wordOf<T>(hand: PieceInHand<T>): string {
    return hand.error !== null ? 'not stored' : hand.isSaving ? 'storing' : hand.isDirty ? '' : 'stored';
}

/** The editor of one piece: whether it is stored, what somebody else wrote meanwhile, what it would break elsewhere. */
export function PiecePanel<T>({ title, hand, words, onClose, children }: Props<T>) {
    return (
        <SidePanel title={title} state={wordOf(hand)} onClose={onClose}>
            {hand.theirs !== null && (
                <Conflict
                    by={hand.theirs.by}
                    theirs={words(hand.theirs.value)}
                    mine={words(hand.value)}
                    onTheirs={hand.takeTheirs}
                    onMine={hand.storeMine}
                />
            )}
            {errorsElsewhere(hand.error).map((message) => (
                <p key={message} className="field-error" role="alert">
                    ◆ {message}
                </p>
            ))}
            {children}
        </SidePanel>
    );
}
