<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\LadderFault;

/** What it costs to leave a finding about a scheme as it is. Common practice, no source. */
enum FindingCost: string
{
    /** The work stops, or has to be done again. */
    case Stops = 'stops';
    /** It is seen across the table. */
    case Seen = 'seen';
    /** It is seen in the hand, if at all. */
    case Slight = 'slight';

    /** @param  string  $code of any finding about a scheme */
    public static function of(string $code): self
    {
        return match ($code) {
            UsesHaveColours::CODE, StainsLetThrough::CODE, SchemeFault::TooMuchWater->value => self::Stops,
            MetalShadesMetal::CODE, SchemeFault::NeighboursAlike->value, SchemeFault::SpanShort->value, SchemeFault::OneFamily->value, SchemeFault::LightsDisagree->value, SchemeFault::AreasDiffer->value,
            LadderFault::Jump->value, LadderFault::SpanShort->value => self::Seen,
            default => self::Slight,
        };
    }

    /** @return int the dearest first */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
