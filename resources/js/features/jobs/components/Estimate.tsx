import type { Schemas } from '@api';
import { count, minutes } from '@shared/format';
import { Why } from '@shared/Why';
import { useQuery } from '@tanstack/react-query';
import { unitEstimateOptions } from '../queries';

/** What a figure takes, from least to most, beside what its tier has for it. */
export function Estimate({ group, tier }: { group: Schemas['GridGroup']; tier: string }) {
    const most = minutes(group.minutes_to);
    return (
        <p>
            <Why why={group.why} about="the minutes of a figure">
                {minutes(group.minutes)} a figure{most === minutes(group.minutes) ? '' : `, up to ${most}`}
            </Why>
            {group.budget !== null && (
                <>
                    {' '}
                    · {group.over ? '▲ ' : ''}
                    {tier} has {minutes(group.budget)} for it
                    {group.over && `: ${minutes(group.minutes - group.budget)} over`}
                </>
            )}
        </p>
    );
}

interface BatchProps {
    job: number;
    unit: number;
    group: Schemas['GridGroup'];
}

/** What the figures of a row take with those that share their sheet: with tidying back, mixing, looks, and on the clock. */
export function BatchEstimate({ job, unit, group }: BatchProps) {
    const query = useQuery(unitEstimateOptions(job, unit));
    const sheet = query.data?.find(({ figures }) => group.figures.some(({ id }) => figures.includes(id)));
    if (sheet === undefined) {
        return <p className="quiet">{query.isPending ? '…' : ''}</p>;
    }
    const [least, most] = [minutes(sheet.least), minutes(sheet.most)];
    return (
        <p>
            <Why why={sheet.why} about="the time of the batch">
                {count(sheet.figures.length, 'figure')} as a batch: {minutes(sheet.hands_on)} by hand
                {least !== most && ` (${least} to ${most})`}, {minutes(sheet.elapsed)} on the clock
            </Why>
            {sheet.budget !== null && (
                <>
                    {' '}
                    · {sheet.over ? '▲ ' : ''}
                    their tiers have {minutes(sheet.budget)}
                </>
            )}
        </p>
    );
}
