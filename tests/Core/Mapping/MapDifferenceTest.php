<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Listing\TypeChange;
use Core\Mapping\FigureMap;
use Core\Mapping\MapDifference;
use Core\Mapping\PlacedPiece;
use Core\Mapping\SideMap;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

final class MapDifferenceTest extends TestCase
{
    public function test_it_names_the_sides(): void
    {
        $from = new FigureMap([self::side(Side::Front, 4), self::side(Side::Back, 4), self::side(Side::Left, 4), self::side(Side::Above, 4)]);
        $to = new FigureMap([self::side(Side::Front, 4), self::side(Side::Back, 5), self::side(Side::Left, 4, [new PlacedPiece('coat', 'button', 0.5, 0.5)]), self::side(Side::Right, 4)]);

        self::assertSame(
            ['laid out as a picture: right', 'laid out otherwise: left, back', 'no longer laid out: above'],
            array_map(static fn (TypeChange $change): string => $change->what, (new MapDifference($from, $to))->changes()),
        );
        self::assertSame([], (new MapDifference($to, $to))->changes());
        self::assertSame([null], array_map(static fn (TypeChange $change): ?string => $change->area, (new MapDifference($from, new FigureMap([])))->changes()));
    }

    /** @param  list<PlacedPiece>  $pieces */
    private static function side(Side $side, int $wide, array $pieces = []): SideMap
    {
        return new SideMap($side, MadeGrid::boxes(10, 10, [[1, 0, 0, $wide, 10]]), ['coat'], $pieces);
    }
}
