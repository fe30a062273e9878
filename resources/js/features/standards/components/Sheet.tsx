import type { Schemas } from '@api';
import { useInTurns } from '@shared/useInTurns';
import { useMemo } from 'react';
import type { Filter } from '../filter';
import type { Panel } from '../panel';
import type { FindingDeeds } from './FindingNote';
import { SheetRow } from './SheetRow';
import { TierHead } from './TierHead';

interface Props {
    sheet: Schemas['Sheet'];
    filter: Filter;
    panel: Panel | null;
    onOpen: (panel: Panel) => void;
    deeds?: FindingDeeds | null;
}

/** Surfaces down, tiers across; heads and surfaces stay in sight. */
export function Sheet({ sheet, filter, panel, onOpen, deeds = null }: Props) {
    const cells = useMemo(() => new Map(sheet.cells.map((cell) => [`${cell.tier} ${cell.surface}`, cell])), [sheet.cells]);
    const bySurface = useMemo(() => Map.groupBy(sheet.findings, (finding) => finding.surface), [sheet.findings]);
    const tiers = useMemo(() => sheet.tiers.filter((tier) => !tier.retired), [sheet.tiers]);
    const retired = sheet.tiers.filter((tier) => tier.retired);
    const openers = useMemo(
        () => ({
            cell: (tier: string, surface: string) => onOpen({ kind: 'cell', tier, surface }),
            surface: (id: string) => onOpen({ kind: 'surface', id }),
            tier: (id: string) => onOpen({ kind: 'tier', id }),
        }),
        [onOpen],
    );
    const surfaces = sheet.surfaces.filter((surface) => filter.keeps(surface, sheet));
    // A row is half as high as the screen.
    const there = useInTurns(surfaces.length, { first: 2, each: 1 });
    return (
        <div className="sheet-scroll" tabIndex={0} role="region" aria-label="The sheet, surfaces down and tiers across">
            <table className="sheet">
                <caption className="unseen">What each tier asks of each surface, lowest layer at the bottom</caption>
                <thead>
                    <tr>
                        <th scope="col" className="sheet-corner">
                            {surfaces.length === sheet.surfaces.length
                                ? `${surfaces.length} surfaces`
                                : `${surfaces.length} of ${sheet.surfaces.length} surfaces`}
                            <br />
                            {tiers.length} tiers
                            {retired.map((tier) => (
                                <button
                                    key={tier.key}
                                    type="button"
                                    className="link-button corner-retired"
                                    onClick={() => openers.tier(tier.key)}
                                >
                                    {tier.name}, retired
                                </button>
                            ))}
                        </th>
                        {tiers.map((tier) => (
                            <TierHead
                                key={tier.key}
                                tier={tier}
                                reference={sheet.reference}
                                findings={(bySurface.get(null) ?? []).filter((finding) => finding.tier === tier.key)}
                                isOpen={panel?.kind === 'tier' && panel.id === tier.key}
                                onOpen={openers.tier}
                                deeds={deeds}
                            />
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {surfaces.slice(0, there).map((surface) => (
                        <SheetRow
                            key={surface.key}
                            version={sheet.id}
                            revision={sheet.revision}
                            surface={surface}
                            tiers={tiers}
                            cells={cells}
                            findings={bySurface.get(surface.key) ?? NONE}
                            onlyAdded={filter.show === 'adds'}
                            colours={filter.colours}
                            openTier={panel?.kind === 'cell' && panel.surface === surface.key ? panel.tier : null}
                            isSurfaceOpen={panel?.kind === 'surface' && panel.id === surface.key}
                            onOpenCell={openers.cell}
                            onOpenSurface={openers.surface}
                            deeds={deeds}
                        />
                    ))}
                </tbody>
            </table>
        </div>
    );
}

const NONE: readonly Schemas['SheetFinding'][] = [];
