<?php

declare(strict_types=1);

namespace Core\Standard;

/** The tiers from the plainest up, to raise and lower work by. What is by agreement or retired is not on it. */
final readonly class TierLadder
{
    public function __construct(private Standard $standard)
    {
    }

    /**
     * @param  int  $steps up, or down where below 0
     * @return string id of the tier so many steps from this one; at an end of the ladder that end
     *
     * @throws UnknownReference if the standard has no such tier
     */
    public function from(string $tier, int $steps): string
    {
        $rank = $this->standard->tier($tier)->rank;
        $ahead = array_filter($this->standard->tiersByRank(), static fn (Tier $one): bool => $one->isCompared() && ($steps > 0 ? $one->rank > $rank : $one->rank < $rank));
        $ids = array_column($steps > 0 ? $ahead : array_reverse($ahead), 'id');

        return $steps === 0 || $ids === [] ? $tier : $ids[min(abs($steps), count($ids)) - 1];
    }
}
