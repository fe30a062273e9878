<?php

declare(strict_types=1);

namespace Core\Mapping;

use Core\Standard\Side;
use Core\Why;

/** What the pictures say of an area. */
final readonly class MeasuredArea
{
    /**
     * @param  float  $share of the body
     * @param  non-empty-list<Side>  $sides from which it is seen; of sides without a picture, as it was said
     * @param  array<array-key, int>  $pieces by feature: at least so many, the most that are placed on one side
     */
    public function __construct(
        public string $area,
        public float $share,
        public array $sides,
        public array $pieces,
        public Why $why,
    ) {
    }
}
