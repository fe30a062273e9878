import type { Schemas } from '@api';
import { count, date, minutes } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { studioPlanOptions } from '../queries';

type JobDate = Schemas['StudioPlan']['jobs'][number];

/** Of a job that runs: the hours that are left to paint, and the days they take against the days that there are. */
export function JobAhead({ job: id }: { job: number }) {
    const plan = useQuery(studioPlanOptions());
    const job = plan.data?.jobs.find((one) => one.id === id);
    if (plan.data === undefined || job === undefined) {
        return <span className="ahead">{plan.isPending ? '…' : ''}</span>;
    }
    const most = Math.max(1, ...plan.data.jobs.flatMap((one) => [one.days_left ?? 0, one.days_needed ?? 0]));
    return (
        <span className="ahead">
            <DaysBar job={job} most={most} />
            {inWords(job)}
        </span>
    );
}

/** Days until it is due as a frame, days until it is painted, as far as that is known, as a bar in it; what reaches over the day is hatched. */
function DaysBar({ job, most }: { job: JobDate; most: number }) {
    const { days_left: left, days_needed: needed } = job;
    const there = Math.max(left ?? needed ?? 0, 0);
    const inTime = Math.min(needed ?? 0, there);
    const over = Math.max((needed ?? 0) - there, 0);
    const of = (days: number) => `${String((100 * days) / most)}%`;
    return there + over === 0 ? null : (
        <span className="days-bar" aria-hidden="true">
            <span className={left === null ? 'days-open' : 'days-there'} style={{ width: of(there) }}>
                <span className="days-needed" style={{ width: there === 0 ? '0' : `${String((100 * inTime) / there)}%` }} />
            </span>
            {over > 0 && <span className="days-over" style={{ width: of(over) }} />}
        </span>
    );
}

function inWords(job: JobDate): string {
    if (job.minutes <= 0) {
        return 'nothing left to paint';
    }
    const hours = `${minutes(job.minutes)} to paint`;
    if (job.painted_on !== null) {
        return `${hours}, by ${date(job.painted_on)}${job.days_over === null ? '' : `: ▲ ${count(job.days_over, 'day')} too late`}`;
    }
    const open = job.nobody > 0 ? `${minutes(job.nobody)} given to nobody` : 'some of it by no day that is known';
    return job.given_until === null ? `${hours}, ${open}` : `${hours}: by ${date(job.given_until)} what has a day, ${open}`;
}
