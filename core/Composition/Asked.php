<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;

/** What a figure's tiers ask of its areas, before anything is left out. */
final readonly class Asked
{
    public function __construct(
        private Standard $standard,
        private Figure $figure,
    ) {
    }

    public function requirement(Area $area): ?Requirement
    {
        return $this->standard->requirement($this->figure->tierOf($area), $area->surface);
    }

    /** @return list<TechniqueUse> those of the requirement whose piece the area has */
    public function ofTier(Area $area): array
    {
        return array_values(array_filter(
            $this->requirement($area)->uses ?? [],
            static fn (TechniqueUse $use): bool => $area->has($use->feature),
        ));
    }

    /** @return list<Addition> those whose piece the area has */
    public function added(Area $area): array
    {
        return array_values(array_filter(
            $this->figure->additions,
            static fn (Addition $addition): bool => $addition->area === $area->id && $area->has($addition->use->feature),
        ));
    }
}
