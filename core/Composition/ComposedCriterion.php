<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Criterion;

/** A criterion asked of one area of one figure. */
final readonly class ComposedCriterion
{
    public function __construct(
        public Area $area,
        public Criterion $criterion,
        public Origin $origin = Origin::Tier,
    ) {
    }
}
