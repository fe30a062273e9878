<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\TechniqueUse;

/** A use that came, went or differs. */
final readonly class UseChange
{
    public function __construct(
        public string $tier,
        public string $surface,
        public string $use,
        public ?TechniqueUse $before,
        public ?TechniqueUse $after,
    ) {
    }

    /** @return 'added'|'removed'|'changed' */
    public function kind(): string
    {
        return $this->before === null ? 'added' : ($this->after === null ? 'removed' : 'changed');
    }
}
