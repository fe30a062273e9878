<?php

declare(strict_types=1);

namespace Tests\Core\Listing;

use Core\Composition\SizeClass;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Core\Listing\UsualBorder;
use Core\Listing\UsualBorders;
use PHPUnit\Framework\TestCase;

/** What usually touches. Common practice, no source. */
final class UsualBordersTest extends TestCase
{
    public function test_what_usually_touches_is_offered_whichever_stands_first(): void
    {
        self::assertSame(
            ['hair/face: hair grows round a face', 'face/neck: a face goes over into the neck', 'ground/rim: the rim is round it'],
            self::offers(self::area('hair', 'hair'), self::area('face', 'face'), self::area('neck', 'skin'), self::area('pennant', 'banner'), self::area('ground', 'ground'), self::area('rim', 'rim')),
        );
    }

    public function test_what_is_known_to_touch_is_not_offered_again(): void
    {
        self::assertSame([], self::offers(self::area('hair', 'hair'), self::area('face', 'face', touches: ['hair'])));
        self::assertSame([], self::offers(self::area('hair', 'hair', on: 'face'), self::area('face', 'face')));
    }

    public function test_parts_that_are_painted_apart_do_not_touch(): void
    {
        self::assertSame([], self::offers(self::area('hand', 'skin', 'rider'), self::area('lance', 'wood', 'lance')));
        self::assertSame(['hand/lance: a hand holds it'], self::offers(self::area('hand', 'skin', 'rider'), self::area('lance', 'wood', 'rider')));
    }

    /** @param  list<string>  $touches */
    private static function area(string $name, string $surface, string $part = '', array $touches = [], ?string $on = null): ListedArea
    {
        return new ListedArea($name, $surface, AreaWeight::Small, part: $part, on: $on, neighbours: $touches);
    }

    /** @return list<string> */
    private static function offers(ListedArea $first, ListedArea ...$more): array
    {
        return array_map(
            static fn (UsualBorder $border): string => "{$border->area}/{$border->other}: {$border->why}",
            UsualBorders::of(ListedFigureType::make('Bosun', SizeClass::Foot, [$first, ...array_values($more)])),
        );
    }
}
