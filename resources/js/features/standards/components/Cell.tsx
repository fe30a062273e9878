import type { Schemas } from '@api';
import { ExtentMark } from '@shared/ExtentMark';
import { fewMinutes } from '@shared/format';
import { memo, useEffect, useRef } from 'react';
import { type FindingDeeds, FindingNote } from './FindingNote';
import { Plate } from '@features/plates';

interface Props {
    cell: Schemas['SheetCell'];
    tier: Schemas['SheetTier'];
    surface: string;
    plate: Schemas['Plate'] | undefined;
    onlyAdded: boolean;
    findings: readonly Schemas['SheetFinding'][];
    isOpen: boolean;
    onOpen: (tier: string, surface: string) => void;
    deeds: FindingDeeds | null;
}

export const Cell = memo(function Cell({ cell, tier, surface, plate, onlyAdded, findings, isOpen, onOpen, deeds }: Props) {
    const uses = onlyAdded ? cell.uses.filter((use) => use.rise !== 'same') : cell.uses;
    const about = `${tier.name}, ${surface}`;
    const place = useRef<HTMLTableCellElement>(null);
    useEffect(() => {
        const cell = place.current;
        if (isOpen && cell !== null) {
            // Just below the heads, which stay: nothing of the row above is left half behind them.
            cell.style.scrollMarginTop = `${cell.closest('table')?.tHead?.offsetHeight ?? 0}px`;
            cell.scrollIntoView({ block: 'start', inline: 'nearest' });
        }
    }, [isOpen]);
    return (
        <td ref={place} className={`cell cell-${cell.state}${isOpen ? ' cell-open' : ''}`}>
            <button
                type="button"
                className="cell-face"
                aria-label={`Open ${about}`}
                aria-pressed={isOpen}
                onClick={() => onOpen(cell.tier, cell.surface)}
            >
                {plate !== undefined && <Plate plate={plate} about={about} />}
            </button>
            {cell.state === 'undecided' && (
                <p className="cell-question">
                    <b aria-hidden="true">?</b> undecided
                </p>
            )}
            {cell.state === 'not-asked' && <p className="cell-none">not asked for</p>}
            {cell.state === 'asked' && uses.length === 0 && <p className="cell-none">as {tier.compared_with}</p>}
            {uses.length > 0 && (
                <ol
                    className="stack"
                    aria-label={`${about}, from the top layer down`}
                    onClick={() => onOpen(cell.tier, cell.surface)}
                >
                    {uses.toReversed().map((use) => (
                        <Use key={use.id} use={use} comparing={onlyAdded} />
                    ))}
                </ol>
            )}
            {cell.criteria.length > 0 && (
                <button type="button" className="judged-by" onClick={() => onOpen(cell.tier, cell.surface)}>
                    judged by {cell.criteria.length}
                    <span className="unseen">: {about}</span>
                </button>
            )}
            {findings.map((finding) => (
                <FindingNote key={finding.code + (finding.use ?? '')} finding={finding} deeds={deeds} />
            ))}
        </td>
    );
});

export function Use({ use, comparing = false }: { use: Schemas['SheetUse']; comparing?: boolean }) {
    return (
        <li className={`use use-${use.group} rise-${use.rise}`}>
            <ExtentMark extent={use.extent} />
            <span className="use-words">
                <b>{use.choices.length > 0 ? use.choices.join(' or ') : use.name}</b>
                {use.degree !== '' && <> {use.degree}</>}
                {use.menu !== null && <small> to choose: {use.menu}</small>}
                {comparing && use.note !== '' && <small> {use.note}</small>}
                {comparing && use.was !== '' && <small> was: {use.was}</small>}
            </span>
            <span className="use-minutes">
                {use.each !== null
                    ? `${fewMinutes(use.each)} a ${use.feature ?? 'piece'}`
                    : use.minutes === null
                      ? ''
                      : fewMinutes(use.minutes)}
            </span>
        </li>
    );
}
