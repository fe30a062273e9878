import type { Schemas } from '@api';
import { useMemo } from 'react';
import { Cell } from './Cell';
import { TierHead } from './TierHead';

interface Props {
    sheet: Schemas['Sheet'];
    /** Leaves out of each cell what the next lower tier does too. */
    onlyAdded: boolean;
}

/** Surfaces down, tiers across; heads and surfaces stay in sight. */
export function Sheet({ sheet, onlyAdded }: Props) {
    const cells = useMemo(() => new Map(sheet.cells.map((cell) => [`${cell.tier} ${cell.surface}`, cell])), [sheet.cells]);
    const tiers = sheet.tiers.filter((tier) => !tier.retired);
    const retired = sheet.tiers.filter((tier) => tier.retired);
    return (
        <div className="sheet-scroll" tabIndex={0} role="region" aria-label="The sheet, surfaces down and tiers across">
            <table className="sheet">
                <caption className="unseen">What each tier asks of each surface, lowest layer at the bottom</caption>
                <thead>
                    <tr>
                        <th scope="col" className="sheet-corner">
                            {sheet.surfaces.length} surfaces
                            <br />
                            {tiers.length} tiers
                            {retired.length > 0 && `, and ${retired.map((tier) => tier.name).join(', ')}, retired`}
                        </th>
                        {tiers.map((tier) => (
                            <TierHead
                                key={tier.key}
                                tier={tier}
                                findings={sheet.findings.filter(
                                    (finding) => finding.tier === tier.key && finding.surface === null,
                                )}
                            />
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {sheet.surfaces.map((surface) => (
                        <tr key={surface.key}>
                            <th scope="row">{surface.name}</th>
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
                                        onlyAdded={onlyAdded}
                                        findings={sheet.findings.filter(
                                            (finding) => finding.tier === tier.key && finding.surface === surface.key,
                                        )}
                                    />
                                );
                            })}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
