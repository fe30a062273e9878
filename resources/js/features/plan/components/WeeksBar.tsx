import { minutes } from '@shared/format';
import { useQuery } from '@tanstack/react-query';
import { studioPlanOptions } from '../queries';

/** Work in weeks of somebody's own hours, a mark at each. */
export function WeeksBar({ weeks, most }: { weeks: number; most: number }) {
    const words = `${String(Math.round(weeks * 10) / 10)} weeks of work`;
    return (
        <span className="weeks-bar" role="img" aria-label={words} title={words}>
            {Array.from({ length: Math.ceil(weeks) }, (_, at) => (
                <span key={at} style={{ width: `${String((100 * Math.min(weeks - at, 1)) / most)}%` }} />
            ))}
        </span>
    );
}

/** What somebody has to paint. */
export function WorkAhead({ person }: { person: number }) {
    const plan = useQuery(studioPlanOptions());
    const load = plan.data?.painters.find((one) => one.painter_id === person);
    if (plan.data === undefined || load === undefined) {
        return <span>{plan.isPending ? '…' : ''}</span>;
    }
    const most = Math.max(1, ...plan.data.painters.map((painter) => painter.weeks ?? 0));
    return (
        <span>
            {load.weeks !== null && load.weeks > 0 && <WeeksBar weeks={load.weeks} most={most} />}
            {load.minutes > 0 ? `${minutes(load.minutes)} to paint` : 'nothing to paint'}
        </span>
    );
}
