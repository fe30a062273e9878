import type { Schemas } from '@api';
import { millimetres, minutes } from '@shared/format';
import { SidesMark } from '@shared/SidesMark';
import { Why } from '@shared/Why';
import { FindingNote } from './FindingNote';

interface Props {
    tier: Schemas['SheetTier'];
    findings: readonly Schemas['SheetFinding'][];
}

export function TierHead({ tier, findings }: Props) {
    return (
        <th scope="col" className="tier-head">
            <div className="tier-name">
                <span>{tier.name}</span>
                <small>{tier.rank}</small>
            </div>
            {tier.by_agreement && <small>by agreement</small>}
            <div className="tier-facts">
                <SidesMark sides={tier.sides} />
                <div>
                    <span>
                        from <b>{tier.distance_mm} mm</b>
                    </span>
                    <span>
                        flaws from{' '}
                        <Why why={tier.smallest_why} about={`smallest flaw that counts at ${tier.name}`}>
                            {millimetres(tier.smallest_mm)}
                        </Why>
                    </span>
                    <span>
                        <Why why={tier.minutes_why} about={`minutes for the reference figure at ${tier.name}`}>
                            {minutes(tier.minutes)}
                        </Why>{' '}
                        of {minutes(tier.budget_minutes)}
                    </span>
                </div>
                <span className="tier-limits">
                    bears <b>{tier.limits.critical}</b> critical, <b>{tier.limits.major}</b> major, <b>{tier.limits.minor}</b>{' '}
                    minor
                </span>
            </div>
            {findings.map((finding) => (
                <FindingNote key={finding.code} finding={finding} />
            ))}
        </th>
    );
}
