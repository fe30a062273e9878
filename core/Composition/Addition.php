<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Criterion;
use Core\Standard\TechniqueUse;

/** A use from another tier, for this area only. */
final readonly class Addition
{
    /** @param  list<Criterion>  $criteria asked with it */
    public function __construct(
        public string $area,
        public TechniqueUse $use,
        public array $criteria = [],
    ) {
    }
}
