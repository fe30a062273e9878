<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\School\Schools;

/** One piece of a figure painted as one thing. */
final readonly class Area
{
    /**
     * @param  float  $share of what is seen of the figure, over 0 to 1
     * @param  array<array-key, int>  $features pieces by feature; 0 means the area has none
     * @param  string|null  $tier the area's own tier, when it differs from the figure's
     * @param  Schools  $schools choices on it alone; they go before those of its surface
     */
    public function __construct(
        public string $id,
        public string $surface,
        public float $share,
        public array $features = [],
        public ?string $tier = null,
        public Schools $schools = new Schools,
    ) {
        if ($share <= 0 || $share > 1) {
            throw OutOfRange::outside('share', 'over 0 and at most 1', $share);
        }
    }

    /** Whether something bound to this feature is asked here; what is bound to none always is. */
    public function has(?string $feature): bool
    {
        return $feature === null || $this->pieces($feature) > 0;
    }

    public function pieces(?string $feature): int
    {
        return $feature === null ? 0 : ($this->features[$feature] ?? 0);
    }
}
