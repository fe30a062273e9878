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
