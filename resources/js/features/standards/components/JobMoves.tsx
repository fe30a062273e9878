import { api, type Schemas, unwrap } from '@api';
import { count, type Currency, minutes, money } from '@shared/format';
import { ErrorNote } from '@shared/ErrorNote';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { movesOptions } from '../queries';

interface Props {
    version: number;
    /** A job is moved to a version in force only. */
    canMove: boolean;
}

/** What the version would change for each running job that is on another; each is moved or left. */
export function JobMoves({ version, canMove }: Props) {
    const moves = useQuery(movesOptions(version));
    const client = useQueryClient();
    const move = useMutation({
        mutationFn: (job: Schemas['JobMove']) =>
            unwrap(
                api.POST('/api/jobs/{job}/move', {
                    params: { path: { job: job.job } },
                    body: { version: job.version, to: version },
                }),
            ),
        // What is asked of a job is another thing now: on its sheets, in its checks, today.
        onSettled: () => void client.invalidateQueries(),
    });
    if (moves.data === undefined || moves.data.jobs.length === 0) {
        return moves.data === undefined ? null : <p>No running job is on another version.</p>;
    }
    const { jobs } = moves.data;
    return (
        <section className="moves" aria-label="Running jobs on another version">
            <h3>Running jobs on another version</h3>
            <ErrorNote error={move.error} />
            {jobs.map((job) => (
                <article key={job.job}>
                    <h4>
                        {job.name} <small>on {job.standard}</small>
                    </h4>
                    <p>
                        {job.changed === 0
                            ? `Nothing changes for its ${count(job.figures, 'figure')}.`
                            : `${count(job.changed, 'figure')} of ${job.figures} change.`}
                        {job.in_check > 0 && ` ${count(job.in_check, 'figure')} in check would go back to painting.`}
                        {job.signed > 0 && ` ${count(job.signed, 'signed figure')} keep their record.`}
                    </p>
                    <dl>
                        <div>
                            <dt>work</dt>
                            <dd>
                                {minutes(job.minutes_before)} → {minutes(job.minutes_after)}
                            </dd>
                        </div>
                        <div>
                            <dt>price</dt>
                            <dd>
                                {price(job.price_before, moves.data)} → {price(job.price_after, moves.data)}
                            </dd>
                        </div>
                    </dl>
                    {job.missing_tiers.length > 0 ? (
                        <p>
                            <span aria-hidden="true">◆ </span>It has figures at {job.missing_tiers.join(', ')}, which this version
                            has not.
                        </p>
                    ) : (
                        canMove && (
                            <Button loading={move.isPending} onClick={() => move.mutate(job)}>
                                Move {job.name}
                            </Button>
                        )
                    )}
                </article>
            ))}
        </section>
    );
}

function price(amount: number | null, currency: Currency): string {
    return amount === null ? 'no list price' : money(amount, currency);
}
