import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { count, instant } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { differenceOptions, standardsOptions } from '../queries';
import { JobMoves } from './JobMoves';
import { SidePanel } from '@shared/SidePanel';

/** All versions, what each changed, and running jobs that are still on an older one. */
export function VersionsPanel({ version, onClose }: { version: number; onClose: () => void }) {
    const versions = useQuery(standardsOptions());
    const inForce = versions.data?.find((one) => one.state === 'in-force');
    const { user } = useSession();
    return (
        <SidePanel title="Versions" onClose={onClose}>
            <ol className="versions">
                {(versions.data ?? []).map((one) => (
                    <li key={one.id}>
                        <Version row={one} isShown={one.id === version} />
                    </li>
                ))}
            </ol>
            {inForce !== undefined && user.role === 'lead' && <JobMoves version={inForce.id} canMove />}
        </SidePanel>
    );
}

function Version({ row, isShown }: { row: Schemas['StandardVersionRow']; isShown: boolean }) {
    const { studio } = useSession();
    const difference = useQuery({ ...differenceOptions(row.id, row.based_on ?? undefined), enabled: row.based_on !== null });
    return (
        <>
            <h3>
                {isShown ? row.version : <Link to={`/standard/${row.id}`}>{row.version}</Link>}{' '}
                <small>{row.state.replace('-', ' ')}</small>
            </h3>
            <p>
                {[
                    row.in_force_at === null ? '' : `put in force ${instant(row.in_force_at, studio.time_zone)}`,
                    row.in_force_by === null ? '' : `by ${row.in_force_by}`,
                    row.jobs === 0 ? '' : `${count(row.jobs, 'running job')} on it`,
                ]
                    .filter((word) => word !== '')
                    .join(', ')}
            </p>
            {row.in_force_why !== '' && <p>Why: {row.in_force_why}</p>}
            {difference.data !== undefined && difference.data.lines.length > 0 && (
                <details>
                    <summary>
                        {count(difference.data.lines.length, 'change')} against {difference.data.against}
                    </summary>
                    <DifferenceLines lines={difference.data.lines} />
                </details>
            )}
        </>
    );
}

export function DifferenceLines({ lines }: { lines: readonly Schemas['DifferenceLine'][] }) {
    return (
        <ul className="difference">
            {lines.map((line) => (
                <li key={line.sentence}>{line.sentence}</li>
            ))}
        </ul>
    );
}
