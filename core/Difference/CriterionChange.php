<?php

declare(strict_types=1);

namespace Core\Difference;

use Core\Standard\Criterion;

/** A criterion that came, went or differs. */
final readonly class CriterionChange
{
    public function __construct(
        public string $tier,
        public string $surface,
        public string $criterion,
        public ?Criterion $before,
        public ?Criterion $after,
    ) {
    }

    /** @return 'added'|'removed'|'changed' */
    public function kind(): string
    {
        return $this->before === null ? 'added' : ($this->after === null ? 'removed' : 'changed');
    }
}
