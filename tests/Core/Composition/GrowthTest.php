<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\Growth;
use Core\Standard\Extent;
use Core\Standard\Leeway;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Of a use that a finished figure has in part, only the rest is laid. Common practice, no source. */
final class GrowthTest extends TestCase
{
    #[DataProvider('grown')]
    public function test_the_rest_is_laid_and_said(TechniqueUse $done, TechniqueUse $wanted, int $coats, int $steps, int $there, string $words): void
    {
        $growth = new Growth($done, $wanted);
        $rest = $growth->rest();

        self::assertSame([$coats, $steps, $wanted->extent], [$rest->coats, $rest->steps, $rest->extent]);
        self::assertSame($there, $growth->stepsThere());
        self::assertSame($words, $growth->inWords());
    }

    /** @return iterable<string, array{TechniqueUse, TechniqueUse, int, int, int, string}> */
    public static function grown(): iterable
    {
        yield 'the third step of three' => [self::use(1, 2), self::use(1, 3), 1, 1, 2, '1 step more; 2 are there.'];
        yield 'two steps onto one, each in two coats' => [self::use(2, 1), self::use(2, 3), 2, 2, 1, '2 steps more; 1 is there.'];
        yield 'a coat more of every step' => [self::use(1, 2), self::use(2, 2), 1, 2, 0, '1 coat more; 1 is there.'];
        yield 'two coats more' => [self::use(1, 1), self::use(3, 1), 2, 1, 0, '2 coats more; 1 is there.'];
        yield 'fewer coats and more steps' => [self::use(2, 1), self::use(1, 2), 1, 1, 1, '1 step more; 1 is there.'];
        yield 'coats and steps' => [self::use(1, 1), self::use(2, 2), 2, 2, 0, '2 coats and 2 steps where 1 and 1 are.'];
        yield 'further than before' => [self::use(1, 2, Extent::Focal), self::use(1, 2, Extent::Every), 1, 2, 0, 'Reached focal places only so far, now everywhere; what is there stays.'];
        yield 'further, and in more steps' => [self::use(1, 1, Extent::Spot), self::use(1, 2, Extent::Upper), 1, 2, 0, 'Reached a few spots so far, now upper parts only; what is there stays.'];
    }

    public function test_what_may_be_laid_beyond_the_whole_says_nothing_of_the_rest(): void
    {
        $wanted = new TechniqueUse('light', ['light'], 1, 3, leeway: new Leeway(coatsTo: 2, stepsTo: 5, note: 'thin', onlyIf: 'it is too stark', notPlaces: ['round the eyes'], inTurnWith: 'line'));
        $rest = (new Growth(self::use(1, 2), $wanted))->rest();

        self::assertEquals(new Leeway(note: 'thin', onlyIf: 'it is too stark', notPlaces: ['round the eyes'], inTurnWith: 'line'), $rest->leeway);
    }

    private static function use(int $coats, int $steps, Extent $extent = Extent::Every): TechniqueUse
    {
        return new TechniqueUse('light', ['light'], $coats, $steps, $extent);
    }
}
