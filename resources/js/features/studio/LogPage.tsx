import { useSession } from '@features/session';
import { Empty } from '@shared/Empty';
import { instant } from '@shared/format';
import { Loaded } from '@shared/Loaded';
import { PageHead } from '@shared/PageHead';
import { Pages, usePage } from '@shared/Pages';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { logOptions } from './queries';

/** What happened in the studio, the latest first. */
export function LogPage() {
    const log = useQuery(logOptions(usePage()));
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
                            <Pages page={data.page} pages={data.pages} all={data.all} of={['line', 'lines']} />
                        </>
                    )
                }
            </Loaded>
        </>
    );
}
