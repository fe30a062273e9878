import type { Schemas } from '@api';
import { minutes } from '@shared/format';
import { Why } from '@shared/Why';

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
