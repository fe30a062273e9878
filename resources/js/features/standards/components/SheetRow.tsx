import type { Schemas } from '@api';
import { useQuery } from '@tanstack/react-query';
import { memo, useEffect, useRef, useState } from 'react';
import { platesOptions } from '../queries';
import { Cell } from './Cell';
import type { FindingDeeds } from './FindingNote';

interface Props {
    version: number;
    revision: number;
    surface: Schemas['SheetSurface'];
    tiers: readonly Schemas['SheetTier'][];
    cells: ReadonlyMap<string, Schemas['SheetCell']>;
    findings: readonly Schemas['SheetFinding'][];
    onlyAdded: boolean;
    /** Scheme in whose colours the plates are; null: in greys. */
    colours: number | null;
    /** Tier whose cell of this row is open; null: none. */
    openTier: string | null;
    isSurfaceOpen: boolean;
    onOpenCell: (tier: string, surface: string) => void;
    onOpenSurface: (surface: string) => void;
    deeds: FindingDeeds | null;
}

/** One surface at all tiers. Its plates are fetched when it comes into sight. */
export const SheetRow = memo(function SheetRow(props: Props) {
    const { version, revision, surface, tiers, cells, findings, openTier } = props;
    const [row, isSeen] = useSeen();
    const plates = useQuery({ ...platesOptions(version, revision, surface.key, props.colours), enabled: isSeen });
    return (
        <tr ref={row}>
            <th scope="row" className={props.isSurfaceOpen ? 'cell-open' : ''}>
                <button type="button" className="tier-open" onClick={() => props.onOpenSurface(surface.key)}>
                    {surface.name}
                </button>
                {surface.note !== '' && <small>{surface.note}</small>}
            </th>
            {tiers.map((tier) => {
                const cell = cells.get(`${tier.key} ${surface.key}`);
                return cell === undefined ? (
                    <td key={tier.key} />
                ) : (
                    <Cell
                        key={tier.key}
                        cell={cell}
                        tier={tier}
                        surface={surface.name}
                        plate={plates.data?.find((plate) => plate.tier === tier.key)}
                        onlyAdded={props.onlyAdded}
                        findings={findings.filter((finding) => finding.tier === tier.key)}
                        isOpen={openTier === tier.key}
                        onOpen={props.onOpenCell}
                        deeds={props.deeds}
                    />
                );
            })}
        </tr>
    );
});

/** Whether an element has come near what is in sight. */
function useSeen() {
    const element = useRef<HTMLTableRowElement>(null);
    const [isSeen, setSeen] = useState(false);
    useEffect(() => {
        const row = element.current;
        if (row === null || typeof IntersectionObserver === 'undefined') {
            return;
        }
        const observer = new IntersectionObserver(
            (entries) => {
                if (entries.some((entry) => entry.isIntersecting)) {
                    setSeen(true);
                    observer.disconnect();
                }
            },
            { rootMargin: '300px' },
        );
        observer.observe(row);
        return () => observer.disconnect();
    }, []);
    return [element, isSeen] as const;
}
