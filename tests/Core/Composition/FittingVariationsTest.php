<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\Choice;
use Core\Composition\Figure;
use Core\Composition\FittingVariations;
use Core\Composition\Waiver;
use Core\Standard\Area;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

final class FittingVariationsTest extends TestCase
{
    public function test_what_names_nothing_asked_any_more_rests(): void
    {
        $rich = new Figure('rich', 1.0, [new Area('coat', 'cloth', 0.5)]);
        $fitted = (new FittingVariations(SmallStandard::standard()))->apply(
            $rich,
            [new Waiver('coat', 'shade', 'agreed'), new Waiver('hat', 'base', 'agreed'), new Waiver('coat', 'base', 'agreed')],
            [new Choice('coat', 'light', 'layer')],
        );

        self::assertSame(['base'], array_column($fitted->waivers, 'use'));
        self::assertSame([], $fitted->choices);
    }

    public function test_of_two_for_one_use_the_later_and_narrower_counts(): void
    {
        $plain = new Figure('plain', 1.0, [new Area('coat', 'cloth', 0.5)]);
        $fitted = (new FittingVariations(SmallStandard::standard()))->apply($plain, [], [new Choice('coat', 'light', 'drybrush'), new Choice('coat', 'light', 'layer')]);

        self::assertSame(['layer'], array_column($fitted->choices, 'technique'));
    }
}
