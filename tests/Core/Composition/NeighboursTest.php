<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\FigureType;
use Core\Composition\Neighbours;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

final class NeighboursTest extends TestCase
{
    public function test_a_listed_border_holds_both_ways(): void
    {
        $neighbours = new Neighbours(self::type(self::area('coat', 0.5, ['strap']), self::area('strap', 0.1, ['belt']), self::area('belt', 0.1, ['strap'])));

        self::assertSame(['strap'], $neighbours->of('coat'));
        self::assertSame(['coat', 'belt'], $neighbours->of('strap'));
    }

    public function test_an_area_that_lists_none_borders_on_all_of_its_part_that_share_a_side(): void
    {
        $neighbours = new Neighbours(self::type(
            self::area('coat', 0.4, [], [Side::Front, Side::Back]),
            self::area('face', 0.1, ['hat'], [Side::Front]),
            self::area('hat', 0.1, ['face'], [Side::Front]),
            self::area('sole', 0.1, ['face'], [Side::Below]),
            self::area('mount', 0.3, ['sole'], [Side::Front], 'mount'),
        ));

        self::assertSame(['face', 'hat'], $neighbours->of('coat'));
    }

    public function test_a_small_area_with_one_border_sits_in_the_larger_one(): void
    {
        $lens = self::area('lens', 0.02, ['rim']);
        $rim = self::area('rim', 0.06, ['lens', 'coat']);
        $neighbours = new Neighbours(self::type($lens, $rim, self::area('coat', 0.5, ['rim'])));

        self::assertSame($rim, $neighbours->hostOf($lens));
        self::assertNull($neighbours->hostOf($rim));
    }

    public function test_a_large_area_with_one_border_sits_in_nothing(): void
    {
        $coat = self::area('coat', 0.5, ['rim']);

        self::assertNull((new Neighbours(self::type($coat, self::area('rim', 0.06, ['coat']))))->hostOf($coat));
    }

    /**
     * @param  list<string>  $neighbours
     * @param  list<Side>  $sides
     */
    private static function area(string $id, float $share, array $neighbours, array $sides = [Side::Front], string $part = ''): TypeArea
    {
        return new TypeArea(new Area($id, 'cloth', $share), $part, 1, false, $sides, $neighbours);
    }

    private static function type(TypeArea ...$areas): FigureType
    {
        return new FigureType('type', SizeClass::Foot, array_values($areas));
    }
}
