<?php

declare(strict_types=1);

namespace Tests\Core\Listing;

use Core\Composition\Difficulty;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Core\Listing\TypeChange;
use Core\Listing\TypeDifference;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

/** In what a figure type differs from itself as it was. */
final class TypeDifferenceTest extends TestCase
{
    public function test_the_same_type_differs_in_nothing(): void
    {
        self::assertSame([], self::changes(self::bosun(), self::bosun()));
    }

    public function test_name_and_size_are_of_the_figure(): void
    {
        $giant = ListedFigureType::make('Old bosun', SizeClass::Mounted, [new ListedArea('coat', 'cloth', 1.0)]);

        self::assertSame([': called Old bosun instead of Bosun', ': mounted instead of on foot'], self::changes(self::bosun(), $giant));
        self::assertSame([': the sculpt: details run together instead of as most are'], self::changes(self::bosun(), self::bosun()->ofDifficulty(Difficulty::RunsTogether)));
    }

    public function test_areas_come_and_go(): void
    {
        $now = self::bosun(new ListedArea('coat', 'cloth', 0.6), new ListedArea('cape', 'cloth', 0.4));

        self::assertSame(['coat: 60 % instead of 100 %', 'cape: new'], self::changes(self::bosun(), $now));
        self::assertSame(['coat: 100 % instead of 60 %', 'cape: taken away'], self::changes($now, self::bosun()));
    }

    public function test_each_thing_said_of_an_area(): void
    {
        $hat = new ListedArea('hat', 'cloth', 0.1);
        $was = self::bosun($hat, new ListedArea('coat', 'cloth', 0.9, features: ['button' => 4, 'pocket' => 1]));
        $now = self::bosun($hat, new ListedArea('coat', 'leather', 0.9, true, ['button' => 6, 'pocket' => 1, 'strap' => 1], 'rider', 5, [Side::Back], 'hat', ['hat'], ['hem', 'cuffs'], true));

        self::assertSame([
            'hat: touches coat',
            'coat: leather instead of cloth',
            'coat: nobody is sure what it is',
            'coat: draws the eye',
            'coat: on the part rider instead of no part',
            'coat: lies further out',
            'coat: seen from back',
            'coat: on hat instead of on nothing',
            'coat: 6 × button instead of 4, 1 × strap instead of 0',
            'coat: places hem, cuffs instead of no named place',
            'coat: touches hat',
        ], self::changes($was, $now));
        self::assertSame([
            'hat: no longer touches coat',
            'coat: cloth instead of leather',
            'coat: it is known what it is',
            'coat: no longer draws the eye',
            'coat: no part instead of on the part rider',
            'coat: lies further in',
            'coat: seen from front, left, back, right, above',
            'coat: on nothing instead of on hat',
            'coat: 4 × button instead of 6, 0 × strap instead of 1',
            'coat: no named place instead of places hem, cuffs',
            'coat: no longer touches hat',
        ], self::changes($now, $was));
    }

    public function test_shares_that_read_the_same_are_the_same(): void
    {
        $share = static fn (float $hat): FigureType => self::bosun(new ListedArea('hat', 'cloth', $hat), new ListedArea('coat', 'cloth', 0.9));

        self::assertSame([], self::changes($share(0.1), $share(0.1004)));
        self::assertSame(['hat: 10.1 % instead of 10 %'], self::changes($share(0.1), $share(0.1006)));
    }

    private static function bosun(ListedArea ...$areas): FigureType
    {
        return ListedFigureType::make('Bosun', SizeClass::Foot, $areas === [] ? [new ListedArea('coat', 'cloth', 1.0)] : array_values($areas));
    }

    /** @return list<string> */
    private static function changes(FigureType $from, FigureType $to): array
    {
        return array_map(static fn (TypeChange $change): string => "{$change->area}: {$change->what}", (new TypeDifference($from, $to))->changes());
    }
}
