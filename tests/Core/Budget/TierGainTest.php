<?php

declare(strict_types=1);

namespace Tests\Core\Budget;

use Core\Budget\TierGain;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Plate\NeutralPlate;
use Core\Standard\Area;
use Core\Standard\Side;
use Core\Standard\Standard;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;

/** What is seen of a figure at a tier. The weights are ours, from no source. */
final class TierGainTest extends TestCase
{
    private const ROUND = [Side::Front, Side::Left, Side::Back, Side::Right, Side::Above];

    public function test_it_is_share_times_sides_times_span_and_twice_that_where_it_draws_the_eye(): void
    {
        $standard = Demo::standard();
        $span = (new NeutralPlate($standard))->of('cloth', $standard->requirement('guard', 'cloth')?->included() ?? [], 'guard')->span / 100;
        $counted = count(array_intersect(array_column(self::ROUND, 'value'), array_column($standard->tier('guard')->judging->sides, 'value')));

        self::assertGreaterThan(0.0, $span);
        self::assertEqualsWithDelta(0.4 * $counted / 6 * $span, self::gain($standard, 'guard', [self::area('coat', 0.4)]), 1e-12);
        self::assertEqualsWithDelta(2 * 0.4 * $counted / 6 * $span, self::gain($standard, 'guard', [self::area('coat', 0.4, true)]), 1e-12);
        self::assertEqualsWithDelta(0.4 / 6 * $span, self::gain($standard, 'guard', [self::area('coat', 0.4, false, [Side::Front])]), 1e-12);
        self::assertSame(0.0, self::gain($standard, 'guard', [self::area('figure', 1.0, false, self::ROUND, 'whole')]), 'the figure as one is no area of it');
    }

    public function test_an_area_with_a_tier_of_its_own_is_seen_at_that(): void
    {
        $standard = Demo::standard();
        $areas = [self::area('coat', 0.4)];

        self::assertSame(self::gain($standard, 'watch', $areas), self::gain($standard, 'muster', $areas, ['coat' => 'watch']));
        self::assertNotSame(self::gain($standard, 'muster', $areas), self::gain($standard, 'muster', $areas, ['coat' => 'watch']));
    }

    public function test_of_every_figure_of_the_demo_more_is_seen_the_higher_its_tier(): void
    {
        $standard = Demo::standard();
        $types = Demo::types();
        $gain = TierGain::among(array_values($types), $standard);
        foreach ($types as $type) {
            $seen = array_map(static fn (string $tier): float => $gain->of($type, $tier), ['drill', 'muster', 'watch', 'guard', 'banner']);
            $rising = $seen;
            sort($rising);

            self::assertSame($rising, $seen, $type->name);
        }
    }

    /** @param  list<Side>  $sides */
    private static function area(string $id, float $share, bool $focal = false, array $sides = self::ROUND, string $surface = 'cloth'): TypeArea
    {
        return new TypeArea(new Area($id, $surface, $share), '', 1, $focal, $sides);
    }

    /**
     * @param  list<TypeArea>  $areas
     * @param  array<string, string>  $own
     */
    private static function gain(Standard $standard, string $tier, array $areas, array $own = []): float
    {
        $type = new FigureType('Small', SizeClass::Foot, $areas);

        return TierGain::among([$type], $standard)->of($type, $tier, $own);
    }
}
