import type { Schemas } from '@api';
import { Why } from '@shared/Why';

export function FindingNote({ finding }: { finding: Schemas['SheetFinding'] }) {
    return (
        <p className="finding">
            <span aria-hidden="true">◆ </span>
            {finding.message} <Why why={finding.why} about={finding.message} />
        </p>
    );
}
