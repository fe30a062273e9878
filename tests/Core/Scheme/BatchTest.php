<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\Batch;
use Core\Scheme\Recipe;
use Core\Scheme\SchemeRules;
use Core\Why;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** How much is mixed, worked by hand: 0.6 ml a coat on a whole figure of size 1, 20 drops to the millilitre. */
final class BatchTest extends TestCase
{
    public function test_what_it_takes_is_figures_by_size_by_share_by_cover_by_coats(): void
    {
        $batch = Batch::of(Paints::mix(['Wet Stone' => 1]), 10, 2.5, 0.123456, 0.456, 2);

        self::assertEqualsWithDelta(10 * 2.5 * 0.123456 * 0.456 * 2 * 0.6, $batch->ml, 1e-12);
        self::assertSame(['figures' => '10', 'size' => '2.5', 'share of the figure' => '0.123', 'cover' => '0.46', 'coats' => '2'], $batch->why->inputs);
        self::assertSame('Figures × size × share × cover × coats × 0.6 ml a coat on a whole figure of size 1, half of it lost on palette and brush; 20 drops to the millilitre, rounded up so that the ratio holds.', $batch->why->rule);
        self::assertSame(Why::STUDIO_SETTING, $batch->why->source);
        self::assertSame('0.33', Batch::of(Paints::mix(['Wet Stone' => 1]), 1, 0.3333, 1, 1, 1)->why->inputs['size']);
    }

    public function test_several_areas_are_stirred_at_once(): void
    {
        $one = Batch::of(Paints::mix(['Wet Stone' => 1]), 1, 1, 0.1234, 1, 1);
        $both = Batch::together([$one, Batch::of(Paints::mix(['Wet Stone' => 1]), 1, 1, 0.5, 1, 1)]);

        self::assertEqualsWithDelta(0.6234 * 0.6, $both->ml, 1e-12);
        self::assertSame(['areas' => '2', 'millilitres of each' => '0.07 + 0.3'], $both->why->inputs);
        self::assertSame('What each area takes, stirred once: '.$one->why->rule, $both->why->rule);
        self::assertSame([['name' => 'Wet Stone', 'drops' => 8]], $both->drops(), '0.374 ml are 7.48 drops');
    }

    /** @param  list<int>  $drops */
    #[DataProvider('ratios')]
    public function test_drops_are_whole_and_keep_the_ratio(Recipe $recipe, float $ml, array $drops): void
    {
        $batch = Batch::of($recipe, 1, 1, 1, 1, 1, (new SchemeRules));
        $figures = $ml / $batch->ml;

        self::assertSame($drops, array_column(Batch::of($recipe, 1, $figures, 1, 1, 1)->drops(), 'drops'));
    }

    /** @return iterable<string, array{Recipe, float, list<int>}> recipe, millilitres, drops of each part */
    public static function ratios(): iterable
    {
        yield 'one drop at least' => [Paints::mix(['Wet Stone' => 1]), 0.001, [1]];
        yield 'just a drop' => [Paints::mix(['Wet Stone' => 1]), 0.05, [1]];
        yield 'a hair over a drop' => [Paints::mix(['Wet Stone' => 1]), 0.0501, [2]];
        yield 'three to two: twenty drops are four times five' => [Paints::mix(['Wet Stone' => 3, 'Gull White' => 2]), 1.0, [12, 8]];
        yield 'three to two: one more is five times five' => [Paints::mix(['Wet Stone' => 3, 'Gull White' => 2]), 1.01, [15, 10]];
        yield 'half a part: two to one' => [Paints::mix(['Wet Stone' => 1, 'Gull White' => 0.5]), 0.1, [2, 1]];
        yield 'a third and two: one to six' => [Paints::mix(['Wet Stone' => 1 / 3, 'Gull White' => 2]), 0.1, [1, 6]];
        yield 'ninths are whole at nine' => [Paints::mix(['Wet Stone' => 1 / 9, 'Gull White' => 1]), 0.1, [1, 9]];
        yield 'what no nine makes whole is held to a tenth' => [Paints::mix(['Wet Stone' => 0.137, 'Gull White' => 1]), 0.1, [1, 10]];
        yield 'a part under a tenth is one all the same' => [Paints::mix(['Wet Stone' => 0.013, 'Gull White' => 1]), 0.1, [1, 10]];
        yield 'water is a part, the last' => [Paints::mix(['Wet Stone' => 2, 'water' => 1]), 0.1, [2, 1]];
    }

    public function test_water_stands_last_by_its_name(): void
    {
        self::assertSame(['Wet Stone', Recipe::WATER], array_column(Batch::of(Paints::mix(['Wet Stone' => 1, 'water' => 1]), 1, 1, 1, 1, 1)->drops(), 'name'));
    }

    public function test_millilitres_by_paint_leave_out_the_water(): void
    {
        $ml = Batch::of(Paints::mix(['Wet Stone' => 1, 'Gull White' => 2, 'water' => 1]), 1, 1, 1, 1, 1)->mlByPaint();

        self::assertEqualsWithDelta(['Wet Stone' => 0.15, 'Gull White' => 0.3], $ml, 1e-12);
    }
}
