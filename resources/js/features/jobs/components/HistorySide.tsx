import { SidePanel } from '@shared/SidePanel';
import { Loaded } from '@shared/Loaded';
import { useSession } from '@features/session';
import { instant } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { changesOptions } from '../queries';
import type { useAssign } from '../useAssign';

interface Props {
    job: number;
    assign: ReturnType<typeof useAssign>;
    onClose: () => void;
}

/** What was changed of a job, by whom and when, each with the way back. */
export function HistorySide({ job, assign, onClose }: Props) {
    const { studio } = useSession();
    const [page, setPage] = useState(1);
    const changes = useQuery(changesOptions(job, page));
    return (
        <SidePanel over={480} onClose={onClose} title="History of this job">
            <Loaded query={changes}>
                {(data) => (
                    <>
                        <ol className="history" aria-label="Changes, the latest first">
                            {data.changes.map((change) => (
                                <li key={change.id}>
                                    <p className="history-head">
                                        {instant(change.at, studio.time_zone)} · {change.who}
                                        {change.takes_back && ' · took a change back'}
                                        {change.taken_back && ' · taken back'}
                                    </p>
                                    <ul>
                                        {change.words.map((words) => (
                                            <li key={words}>{words}</li>
                                        ))}
                                    </ul>
                                    {!change.taken_back && (
                                        <Button
                                            size="small"
                                            disabled={assign.isPending}
                                            onClick={() => assign.takeBack(change.id)}
                                        >
                                            {change.takes_back ? 'Change it again' : 'Take it back'}
                                        </Button>
                                    )}
                                </li>
                            ))}
                        </ol>
                        {data.pages > 1 && (
                            <p className="pages">
                                <Button size="small" disabled={page === 1} onClick={() => setPage(page - 1)}>
                                    Later
                                </Button>
                                <span>
                                    page {page} of {data.pages}
                                </span>
                                <Button size="small" disabled={page === data.pages} onClick={() => setPage(page + 1)}>
                                    Earlier
                                </Button>
                            </p>
                        )}
                    </>
                )}
            </Loaded>
        </SidePanel>
    );
}
