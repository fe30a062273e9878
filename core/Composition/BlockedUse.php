<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\TechniqueUse;

/** A use of the higher tier that lies under finished paint. */
final readonly class BlockedUse
{
    public function __construct(
        public Area $area,
        public TechniqueUse $use,
        public string $technique,
        public string $why,
    ) {
    }
}
