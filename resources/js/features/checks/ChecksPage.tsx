import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Pages, usePage } from '@shared/Pages';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { checksOptions } from './queries';

export function ChecksPage() {
    const checks = useQuery(checksOptions(usePage()));
    const { studio } = useSession();
    return (
        <>
            <PageHead title="Check" sub="Handed over; what comes back mended first, then the longest waiting" />
            <Loaded query={checks}>
                {({ rows, ...pages }) =>
                    rows.length === 0 ? (
                        <Empty say="Nothing waits to be checked. A figure comes here when its painter has marked or excused every step and hands it over." />
                    ) : (
                        <>
                            <ol className="rows">
                                {rows.map((row) => (
                                    <li key={row.figure_id}>
                                        <Link to={`/jobs/${row.job_id}/check/${row.figure_id}`}>
                                            <strong>
                                                {row.unit}, figure {row.number} <small>{row.tier}</small>
                                            </strong>
                                            <span>{row.painter === null ? 'no painter' : `painted by ${row.painter}`}</span>
                                            <span>
                                                {row.mended.length > 0 && <b>mended: {row.mended.join(', ')}. </b>}
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
                            <Pages {...pages} of={['figure', 'figures']} />
                        </>
                    )
                }
            </Loaded>
        </>
    );
}
