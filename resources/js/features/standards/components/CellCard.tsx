import type { Schemas } from '@api';
import { fewMinutes } from '@shared/format';
import { Severity } from '@shared/Severity';
import { useQuery } from '@tanstack/react-query';
import type { Panel } from '../panel';
import { platesOptions } from '../queries';
import { Use } from './Cell';
import { FindingNote } from './FindingNote';
import { Plate } from '@features/plates';
import { SidePanel } from '@shared/SidePanel';

interface Props {
    sheet: Schemas['Sheet'];
    panel: Extract<Panel, { kind: 'cell' | 'tier' | 'surface' }>;
    onClose: () => void;
}

/** What is open in a version that is only read. */
export function CellCard({ sheet, panel, onClose }: Props) {
    if (panel.kind === 'cell') {
        return <OneCell sheet={sheet} tier={panel.tier} surface={panel.surface} onClose={onClose} />;
    }
    const tier = panel.kind === 'tier' ? sheet.tiers.find((one) => one.key === panel.id) : undefined;
    const surface = panel.kind === 'surface' ? sheet.surfaces.find((one) => one.key === panel.id) : undefined;
    const note = tier?.note ?? surface?.note ?? '';
    return (
        <SidePanel title={tier?.name ?? surface?.name ?? ''} onClose={onClose}>
            <p>{note === '' ? 'No note is written.' : note}</p>
            {sheet.findings
                .filter((finding) =>
                    tier !== undefined ? finding.tier === tier.key && finding.surface === null : finding.surface === surface?.key,
                )
                .map((finding) => (
                    <FindingNote key={finding.code + finding.tier + (finding.use ?? '')} finding={finding} />
                ))}
        </SidePanel>
    );
}

function OneCell({
    sheet,
    tier,
    surface,
    onClose,
}: {
    sheet: Schemas['Sheet'];
    tier: string;
    surface: string;
    onClose: () => void;
}) {
    const plates = useQuery(platesOptions(sheet.id, sheet.revision, surface));
    const cell = sheet.cells.find((one) => one.tier === tier && one.surface === surface);
    const tierName = sheet.tiers.find((one) => one.key === tier)?.name ?? tier;
    const surfaceName = sheet.surfaces.find((one) => one.key === surface)?.name ?? surface;
    const plate = plates.data?.find((one) => one.tier === tier);
    if (cell === undefined) {
        return null;
    }
    return (
        <SidePanel title={`${tierName}, ${surfaceName}`} onClose={onClose}>
            {plate !== undefined && (
                <>
                    <Plate plate={plate} about={`${tierName}, ${surfaceName}`} />
                    <p className="plate-span">values over {Math.round(plate.span)} of L*, in neutral colours</p>
                </>
            )}
            {cell.state !== 'asked' && <p>{cell.state === 'undecided' ? 'Nobody has decided it.' : 'Not asked for.'}</p>}
            <ol className="stack">
                {cell.uses.toReversed().map((use) => (
                    <Use key={use.id} use={use} comparing />
                ))}
            </ol>
            {cell.minutes !== null && (
                <p className="cell-minutes">
                    {fewMinutes(cell.minutes)} min on a {sheet.reference}
                </p>
            )}
            {cell.criteria.length > 0 && <h3>Judged by</h3>}
            <ul className="criteria">
                {cell.criteria.map((criterion) => (
                    <li key={criterion.id}>
                        <Severity of={criterion.severity} /> {criterion.text}
                        {criterion.feature !== null && <small> each {criterion.feature}</small>}
                    </li>
                ))}
            </ul>
            {cell.note !== '' && <p>{cell.note}</p>}
            {sheet.findings
                .filter((finding) => finding.tier === tier && finding.surface === surface)
                .map((finding) => (
                    <FindingNote key={finding.code + (finding.use ?? '')} finding={finding} />
                ))}
        </SidePanel>
    );
}
