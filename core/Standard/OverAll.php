<?php

declare(strict_types=1);

namespace Core\Standard;

/** When a use of the figure as one is laid, and what it is not laid over. */
final readonly class OverAll
{
    /**
     * @param  TechniqueGroup|null  $stage it comes before everything of this group or a later one on each area; null where its technique is not known
     * @param  list<string>  $except ids of surfaces that it is kept off
     */
    public function __construct(
        public ?TechniqueGroup $stage = null,
        public array $except = [],
    ) {
    }

    public function spares(string $surface): bool
    {
        return in_array($surface, $this->except, true);
    }
}
