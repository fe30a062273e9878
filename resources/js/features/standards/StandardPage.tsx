import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { PageHead } from '@shared/PageHead';
import { Loaded } from '@shared/Loaded';
import { useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { FilePanel } from './components/FilePanel';
import { ReadStandard } from './components/ReadStandard';
import { Start } from './components/Start';
import { WriteStandard } from './components/WriteStandard';
import { usePanel } from './panel';
import { standardsOptions } from './queries';

type Row = Schemas['StandardVersionRow'];

/** Which version is shown is in the address; without one, the version in force, else the draft. */
export function StandardPage() {
    const standards = useQuery(standardsOptions());
    const { version } = useParams();
    return (
        <Loaded query={standards}>
            {(rows) => {
                const shown = rows.find((one) => String(one.id) === version) ?? rows[0];
                return shown === undefined ? <Nothing /> : <OneVersion key={shown.id} row={shown} rows={rows} />;
            }}
        </Loaded>
    );
}

function OneVersion({ row, rows }: { row: Row; rows: readonly Row[] }) {
    const { user } = useSession();
    return row.state === 'draft' && user.role === 'lead' ? (
        <WriteStandard row={row} rows={rows} />
    ) : (
        <ReadStandard row={row} rows={rows} />
    );
}

function Nothing() {
    const { user } = useSession();
    const { panel, open } = usePanel();
    const navigate = useNavigate();
    const begun = (id: number) => void navigate(`/standard/${id}`);
    return (
        <div className="standard">
            <PageHead title="Standard" />
            {user.role === 'lead' ? (
                <div className="sheet-and-side">
                    <Start onBegun={begun} onFile={() => open({ kind: 'file' })} />
                    {panel?.kind === 'file' && <FilePanel onClose={() => open(null)} onTaken={begun} />}
                </div>
            ) : (
                <p className="empty">There is no standard yet. The lead writes it.</p>
            )}
        </div>
    );
}
