import type { Schemas } from '@api';
import { count } from '@shared/format';
import { StateWord } from '@shared/StateWord';
import { Button } from 'antd';
import { Link } from 'react-router';
import { useBench } from '../useBench';

/** Each figure with what is left on it; what is finished goes to be checked. */
export function HandOver({ sheet }: { sheet: Schemas['BenchSheet'] }) {
    const bench = useBench(sheet.job.id, sheet.key);
    const ready = sheet.figures.filter((figure) => figure.may_hand_over);
    return (
        <section className="hand-over" aria-label="Figures">
            <ul>
                {sheet.figures.map((figure) => (
                    <li key={figure.id}>
                        <b>{figure.number}</b>
                        {figure.left === null ? (
                            <StateWord state={figure.state} />
                        ) : (
                            <span>
                                {standing(figure.left, sheet.mishaps.filter((one) => one.figure_id === figure.id).length)}
                            </span>
                        )}
                        {figure.to_mend && <Link to={`/jobs/${sheet.job.id}/mend/${figure.id}`}>mend</Link>}
                    </li>
                ))}
            </ul>
            {ready.length > 0 && (
                <Button
                    type="primary"
                    className="big"
                    loading={bench.handOver.isPending}
                    onClick={() => bench.handOver.mutate(ready.map((figure) => figure.id))}
                >
                    Hand {ready.length === 1 ? `figure ${String(ready[0]?.number)}` : count(ready.length, 'figure')} over to be
                    checked
                </Button>
            )}
        </section>
    );
}

/** What a figure has before it, in words. */
function standing(left: number, mishaps: number): string {
    const words = [left > 0 && `${String(left)} left`, mishaps > 0 && `${String(mishaps)} to mend`].filter(
        (one) => one !== false,
    );
    return words.length === 0 ? 'ready' : words.join(', ');
}
