<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Criterion;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;

/** What could be added on an area of a figure, with the tier that it comes from. */
final readonly class OfferedAddition
{
    /**
     * @param  float  $minutes of one figure, at least 0
     * @param  list<Criterion>  $criteria that would be asked with it
     */
    public function __construct(
        public Tier $tier,
        public TechniqueUse $use,
        public float $minutes,
        public array $criteria,
    ) {
    }
}
