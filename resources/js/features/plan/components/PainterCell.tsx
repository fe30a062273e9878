import type { Schemas } from '@api';
import { minutes } from '@shared/format';
import { useState } from 'react';

interface Props {
    row: Schemas['PaintingRow'];
    cell: Schemas['PaintingCell'];
    name: string;
    isChosen: boolean;
    /** Null takes the choice back. */
    onChoose: (painter: number | null) => void;
}

/** A unit in the hands of somebody: how long it takes them, and what they may not do alone. */
export function PainterCell({ row, cell, name, isChosen, onChoose }: Props) {
    const isProposed = row.proposed === cell.painter;
    return (
        <td>
            <button
                type="button"
                aria-pressed={isChosen}
                className="painter-cell"
                onClick={() => onChoose(isChosen ? null : cell.painter)}
            >
                <span className="unseen">
                    {row.name} to {name}:{' '}
                </span>
                <b>{minutes(cell.minutes)}</b>
                {isProposed && <span>proposed</span>}
                {row.painter === cell.painter && <span>has it</span>}
            </button>
            {cell.not.length > 0 && <NotCleared not={cell.not} />}
            {cell.bar !== '' && cell.not.length === 0 && <small>◆ {cell.bar}</small>}
        </td>
    );
}

const SHOWN = 3;

function NotCleared({ not }: { not: readonly string[] }) {
    const [open, setOpen] = useState(false);
    const shown = open ? not : not.slice(0, SHOWN);
    return (
        <small>
            ◆ not cleared: {shown.join(', ')}
            {shown.length < not.length && (
                <>
                    {' '}
                    <button type="button" className="link-button" onClick={() => setOpen(true)}>
                        and {not.length - shown.length} more
                    </button>
                </>
            )}
        </small>
    );
}
