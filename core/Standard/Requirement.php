<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a tier asks of a surface. Without uses: not asked for. */
final readonly class Requirement
{
    /**
     * @param  list<TechniqueUse>  $uses in the order of laying
     * @param  list<Criterion>  $criteria
     */
    public function __construct(
        public string $tier,
        public string $surface,
        public array $uses,
        public array $criteria = [],
    ) {
    }

    public function asksNothing(): bool
    {
        return $this->uses === [];
    }

    public function use(string $id): ?TechniqueUse
    {
        foreach ($this->uses as $use) {
            if ($use->id === $id) {
                return $use;
            }
        }

        return null;
    }
}
