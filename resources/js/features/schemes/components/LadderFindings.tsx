import type { Schemas } from '@api';
import { Why } from '@shared/Why';
import { Button } from 'antd';
import { type AreaDraft, filled, mended, type RungDraft } from '../draft';
import type { View } from '../queries';
import { FindingDeed } from './FindingDeed';

type Area = Schemas['SchemeArea'];

interface Props {
    scheme: Schemas['Scheme'];
    view: View;
    area: Area;
    draft: AreaDraft;
    onChange: (rungs: RungDraft[]) => void;
}

/** What is wrong with a ladder, each with what would mend it. */
export function LadderFindings({ scheme, view, area, draft, onChange }: Props) {
    return (
        <section className="ladder-findings" aria-live="polite">
            {area.fault !== null && <p className="ladder-finding">▲ {area.fault.sentence}</p>}
            {area.findings.map((finding) => (
                <div key={`${finding.code} ${finding.at} ${finding.sentence}`} className="ladder-finding">
                    {finding.accepted === null && <span aria-hidden="true">▲ </span>}
                    {finding.at >= 0 && `Step ${finding.at + 1}: `}
                    {finding.sentence} <Why why={finding.why} about={finding.code} />
                    {finding.suggestion !== null && finding.accepted === null && (
                        <Button
                            size="small"
                            onClick={() => finding.suggestion !== null && onChange(mended(draft.rungs, finding.suggestion))}
                        >
                            Mend: {finding.suggestion.sentence}
                        </Button>
                    )}
                    <FindingDeed scheme={scheme} view={view} finding={finding} />
                </div>
            ))}
            {area.missing.length > 0 && (
                <p className="ladder-finding">
                    {area.missing.length === 1 ? 'One step is' : `${area.missing.length} steps are`} missing for even rises up to
                    the last light: {area.missing.map((rung) => rung.mix).join('; ')}.
                    <Button size="small" onClick={() => onChange(filled(draft.rungs, area.missing))}>
                        Put {area.missing.length === 1 ? 'it' : 'them'} in
                    </Button>
                </p>
            )}
        </section>
    );
}
