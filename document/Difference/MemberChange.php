<?php

declare(strict_types=1);

namespace Document\Difference;

use Core\Difference\Alike;
use Core\Difference\TierChange;
use Document\Member\TierMembers;

/** A member of a tier that differs; the member `id` where the tier came or went. */
final readonly class MemberChange
{
    public function __construct(
        public string $tier,
        public string $member,
        public mixed $before,
        public mixed $after,
    ) {
    }

    /** @return list<self> in the order of the document */
    public static function allOf(TierChange $change): array
    {
        if ($change->before === null || $change->after === null) {
            return [new self($change->tier, 'id', $change->before?->id, $change->after?->id)];
        }
        $members = TierMembers::all();
        $before = $members->spell($change->before);
        $changes = [];
        foreach ($members->spell($change->after) as $member => $after) {
            if (! Alike::are($before[$member], $after)) {
                $changes[] = new self($change->tier, $member, $before[$member], $after);
            }
        }

        return $changes;
    }
}
