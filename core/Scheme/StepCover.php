<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Extent;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/** How much of an area a use covers where neither ladder nor use says it. Shares from memory, for amounts of paint only. */
final readonly class StepCover
{
    public static function of(TechniqueUse $use, TechniqueGroup $group, ?Rung $rung): float
    {
        if ($rung !== null) {
            return $rung->cover;
        }
        if ($use->cover !== null) {
            return $use->cover;
        }
        $most = match ($group) {
            TechniqueGroup::Detail, TechniqueGroup::Marking, TechniqueGroup::Wear => 0.1,
            TechniqueGroup::Light => 0.3,
            TechniqueGroup::Shade => 0.5,
            default => 1.0,
        };

        return $most * match ($use->extent) {
            Extent::Spot => 0.1,
            Extent::Focal => 0.3,
            Extent::Upper => 0.6,
            Extent::Every => 1.0,
        };
    }
}
