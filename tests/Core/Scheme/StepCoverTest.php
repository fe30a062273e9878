<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\StepCover;
use Core\Standard\Extent;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How much of an area a step covers where nobody has said it: by its group, and by where it lies. */
final class StepCoverTest extends TestCase
{
    #[TestWith([TechniqueGroup::LayIn, Extent::Every, 1.0])]
    #[TestWith([TechniqueGroup::LayIn, Extent::Upper, 0.6])]
    #[TestWith([TechniqueGroup::Ground, Extent::Focal, 0.3])]
    #[TestWith([TechniqueGroup::Finish, Extent::Spot, 0.1])]
    #[TestWith([TechniqueGroup::Shade, Extent::Every, 0.5])]
    #[TestWith([TechniqueGroup::Light, Extent::Every, 0.3])]
    #[TestWith([TechniqueGroup::Light, Extent::Upper, 0.18])]
    #[TestWith([TechniqueGroup::Detail, Extent::Every, 0.1])]
    #[TestWith([TechniqueGroup::Marking, Extent::Focal, 0.03])]
    #[TestWith([TechniqueGroup::Wear, Extent::Spot, 0.01])]
    public function test_by_group_and_extent(TechniqueGroup $group, Extent $extent, float $cover): void
    {
        self::assertEqualsWithDelta($cover, StepCover::of(new TechniqueUse('use', ['use'], extent: $extent), $group, null), 1e-12);
    }
}
