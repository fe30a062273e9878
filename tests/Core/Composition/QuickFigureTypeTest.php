<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\QuickArea;
use Core\Composition\QuickFigureType;
use Core\Composition\QuickWeight;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

/** The quick form. Common practice, no source; the numbers are the studio's defaults. */
final class QuickFigureTypeTest extends TestCase
{
    public function test_small_medium_and_large_weigh_1_2_and_4_and_make_1_together(): void
    {
        $shares = array_map(static fn (TypeArea $area): float => $area->area->share, $this->type()->areas);

        self::assertEqualsWithDelta([1.0, 4 / 7, 2 / 7, 1 / 7], $shares, 1e-12);
    }

    public function test_the_whole_figure_is_added_and_all_sides_but_below_are_taken(): void
    {
        $type = $this->type();

        self::assertSame('whole', $type->areas[0]->area->surface);
        self::assertNotContains(Side::Below, $type->areas[1]->sides);
        self::assertCount(5, $type->areas[1]->sides);
    }

    public function test_depth_follows_from_the_surface_and_a_studios_own_lies_in_the_middle(): void
    {
        self::assertSame([1, 3, 8, 9, 4], array_map(QuickFigureType::depthOf(...), ['face', 'cloth', 'ground', 'rim', 'coral']));
    }

    public function test_pieces_are_counted(): void
    {
        self::assertSame(2, $this->type()->areas[3]->area->pieces('eye'));
    }

    private function type(): \Core\Composition\FigureType
    {
        return QuickFigureType::make('Bosun', SizeClass::Foot, [
            new QuickArea('coat', 'cloth', QuickWeight::Large),
            new QuickArea('boots', 'leather', QuickWeight::Medium),
            new QuickArea('face', 'face', QuickWeight::Small, true, ['eye' => 2]),
        ]);
    }
}
