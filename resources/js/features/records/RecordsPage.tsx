import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { instant } from '@shared/format';
import { ListFind, useFind } from '@shared/ListFind';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Pages, usePage } from '@shared/Pages';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Chain } from './components/Chain';
import { FindHead } from './components/FindHead';
import { Weeks } from './components/Weeks';
import { signOffsOptions } from './queries';

export function RecordsPage() {
    const find = useFind();
    const signOffs = useQuery(signOffsOptions(usePage(), find));
    const { studio } = useSession();
    return (
        <>
            <PageHead title="Records" sub="Every sign-off, sealed and chained" />
            <Chain />
            <FindHead />
            {find === '' && <Weeks />}
            <ListFind
                label="Find a record"
                by="number, figure, unit, job, client, day, who painted or signed, or the first digits of a seal"
            />
            <Loaded query={signOffs}>
                {({ rows, ...pages }) =>
                    rows.length === 0 && find !== '' ? (
                        <Empty say={`No record has to do with “${find}”.`} />
                    ) : rows.length === 0 ? (
                        <Empty say="Nothing is signed off yet. A record appears here when a figure has passed its check and is signed." />
                    ) : (
                        <>
                            <table className="list list-stacked">
                                <thead>
                                    <tr>
                                        <th scope="col">Figure</th>
                                        <th scope="col" className="number">
                                            Record
                                        </th>
                                        <th scope="col">Verdict</th>
                                        <th scope="col">Job</th>
                                        <th scope="col">Signed</th>
                                        <th scope="col">Seal</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    {rows.map((row) => (
                                        <tr key={row.id}>
                                            <td>
                                                <Link to={`/records/${row.id}`}>
                                                    {row.unit}, figure {row.figure}
                                                </Link>
                                            </td>
                                            <td className="number record-number">{row.number}</td>
                                            <td>{judged(row)}</td>
                                            <td>{row.job}</td>
                                            <td>
                                                {row.signed_by}, {instant(row.signed_at, studio.time_zone)}
                                            </td>
                                            <td>
                                                <code>{row.hash.slice(0, 12)}</code>
                                            </td>
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                            <Pages {...pages} of={['record', 'records']} />
                        </>
                    )
                }
            </Loaded>
        </>
    );
}

/** At which tier, and how it came to be accepted. */
function judged({ tier, verdict, checks }: Schemas['SignOffRow']): string {
    const how = verdict === 'concession' ? ', by concession' : '';
    return `${tier}${how}${checks > 1 ? `, after ${String(checks)} checks` : ''}`;
}
