<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Criterion;
use Core\Standard\TechniqueUse;

/** A use from another tier, for this area only. */
final readonly class Addition
{
    /**
     * @param  list<Criterion>  $criteria asked with it
     * @param  string|null  $before the use of the area that it is laid before; null: after all of them
     * @param  AgreedAddition|null  $agreed null where the figure comes from a document, which names nobody
     */
    public function __construct(
        public string $area,
        public TechniqueUse $use,
        public array $criteria = [],
        public ?string $before = null,
        public ?AgreedAddition $agreed = null,
    ) {
    }
}
