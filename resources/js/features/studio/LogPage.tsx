import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { logOptions } from './queries';

/** What happened in the studio, the latest first. */
export function LogPage() {
    const [search] = useSearchParams();
    const page = Math.max(1, Number(search.get('page') ?? 1) || 1);
    const log = useQuery(logOptions(page));
    const { studio } = useSession();
    return (
        <>
            <PageHead title="Log" sub="Sign-ins, what was refused, and what was changed">
                <Link to="/studio">Back to the studio</Link>
            </PageHead>
            <Loaded query={log}>
                {(data) =>
                    data.all === 0 ? (
                        <Empty say="Nothing has happened yet that is worth a line." />
                    ) : (
                        <>
                            <table className="list">
                                <thead>
                                    <tr>
                                        <th scope="col">When</th>
                                        <th scope="col">Who</th>
                                        <th scope="col">What</th>
                                        <th scope="col">About</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    {data.lines.map((line) => (
                                        <tr key={line.id}>
                                            <td>{instant(line.at, studio.time_zone)}</td>
                                            <td>{line.who}</td>
                                            <td>{line.what}</td>
                                            <td>{line.about}</td>
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                            <p className="pages">
                                {data.page > 1 && <Link to={`?page=${data.page - 1}`}>Later</Link>} Page {data.page} of{' '}
                                {data.pages}, {data.all} lines{' '}
                                {data.page < data.pages && <Link to={`?page=${data.page + 1}`}>Earlier</Link>}
                            </p>
                        </>
                    )
                }
            </Loaded>
        </>
    );
}
