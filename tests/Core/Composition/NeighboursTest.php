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

    public function test_of_an_area_that_lists_none_nothing_is_known(): void
    {
        $neighbours = new Neighbours(self::type(self::area('coat', 0.4, []), self::area('face', 0.1, ['hat']), self::area('hat', 0.1, ['face'])));

        self::assertSame([], $neighbours->of('coat'));
        self::assertSame(['hat'], $neighbours->of('face'));
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

    public function test_an_area_between_two_larger_ones_or_beside_its_equal_sits_in_neither(): void
    {
        $belt = self::area('belt', 0.02, ['coat', 'trousers']);
        $glove = self::area('glove', 0.04, ['cuff']);
        $neighbours = new Neighbours(self::type($belt, self::area('coat', 0.5, []), self::area('trousers', 0.3, []), $glove, self::area('cuff', 0.04, [])));

        self::assertNull($neighbours->hostOf($belt));
        self::assertNull($neighbours->hostOf($glove));
    }

    /**
     * @param  list<string>  $neighbours
     */
    private static function area(string $id, float $share, array $neighbours): TypeArea
    {
        return new TypeArea(new Area($id, 'cloth', $share), '', 1, false, [Side::Front], $neighbours);
    }

    private static function type(TypeArea ...$areas): FigureType
    {
        return new FigureType('type', SizeClass::Foot, array_values($areas));
    }
}
