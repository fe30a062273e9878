import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { checksOptions } from './queries';

export function ChecksPage() {
    const checks = useQuery(checksOptions());
    const { studio } = useSession();
    return (
        <>
            <PageHead title="Check" sub="Handed over, the longest waiting first" />
            <Loaded query={checks}>
                {(rows) =>
                    rows.length === 0 ? (
                        <Empty say="Nothing waits to be checked. A figure comes here when its painter has marked or excused every step and hands it over." />
                    ) : (
                        <ol className="rows">
                            {rows.map((row) => (
                                <li key={row.figure_id}>
                                    <Link to={`/jobs/${row.job_id}/check/${row.figure_id}`}>
                                        <strong>
                                            {row.unit}, figure {row.number} <small>{row.tier}</small>
                                        </strong>
                                        <span>{row.painter === null ? 'no painter' : `painted by ${row.painter}`}</span>
                                        <span>
                                            {row.open_check
                                                ? 'begun'
                                                : row.own_work
                                                  ? 'your own work: somebody else checks it'
                                                  : ''}
                                        </span>
                                        <span className="rows-end">
                                            {row.since === null ? '' : instant(row.since, studio.time_zone)}
                                        </span>
                                    </Link>
                                </li>
                            ))}
                        </ol>
                    )
                }
            </Loaded>
        </>
    );
}
