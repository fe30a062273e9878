import type { Schemas } from '@api';
import { useSession } from '@features/session';
import { type Currency, millimetres, minutes, minutesRange, money } from '@shared/format';
import { SidesMark } from '@shared/SidesMark';
import { Why } from '@shared/Why';
import { type FindingDeeds, FindingNote } from './FindingNote';

interface Props {
    tier: Schemas['SheetTier'];
    reference: string;
    findings: readonly Schemas['SheetFinding'][];
    isOpen: boolean;
    onOpen: (tier: string) => void;
    deeds: FindingDeeds | null;
}

export function TierHead({ tier, reference, findings, isOpen, onOpen, deeds }: Props) {
    const { studio } = useSession();
    return (
        <th scope="col" className={isOpen ? 'tier-head cell-open' : 'tier-head'}>
            <div className="tier-name">
                <button type="button" className="tier-open" aria-pressed={isOpen} onClick={() => onOpen(tier.key)}>
                    {tier.name}
                </button>
                <small>{tier.rank}</small>
            </div>
            <div className="tier-facts">
                <SidesMark sides={tier.sides} />
                <div>
                    <span>
                        <b>{tier.distance_mm} mm</b>, flaws{' '}
                        <Why why={tier.smallest_why} about={`smallest flaw that counts at ${tier.name}`}>
                            {millimetres(tier.smallest_mm)}
                        </Why>
                    </span>
                    <span>
                        <Why why={tier.minutes_why} about={`minutes for a ${reference} at ${tier.name}`}>
                            {minutesRange(tier.minutes, tier.minutes_to)}
                        </Why>{' '}
                        of {minutes(tier.budget_minutes)}
                    </span>
                </div>
                <span className="tier-limits">
                    bears {tier.limits.critical} critical, {tier.limits.major} major, {tier.limits.minor} minor
                </span>
                <span className="tier-terms">
                    {[...tier.terms, priceOf(tier, studio)].filter((word) => word !== '').join(' · ')}
                </span>
            </div>
            {findings.map((finding) => (
                <FindingNote key={finding.code} finding={finding} deeds={deeds} />
            ))}
        </th>
    );
}

/** What an hour costs, or the least and the most that a figure costs; all others stand in the tier. */
function priceOf(tier: Schemas['SheetTier'], currency: Currency): string {
    if (tier.price === null) {
        return '';
    }
    if (tier.price.hourly !== null) {
        return `${money(tier.price.hourly, currency)} an hour`;
    }
    const prices = Object.values(tier.price.list ?? {});
    const [least, most] = [Math.min(...prices), Math.max(...prices)];
    return prices.length === 0
        ? 'list price'
        : least === most
          ? `${money(least, currency)} a figure`
          : `${money(least, currency)} to ${money(most, currency)} a figure`;
}
