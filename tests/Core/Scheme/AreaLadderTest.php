<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\AreaLadder;
use Core\Scheme\Rung;
use Core\Scheme\RungRole;
use Core\Scheme\Turn;
use Core\Scheme\UseRecipe;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Paints;

/** When two ladders say the same. */
final class AreaLadderTest extends TestCase
{
    #[DataProvider('others')]
    public function test_it_is_another_where_any_of_it_is(AreaLadder $other): void
    {
        self::assertFalse(self::ladder()->equals($other));
        self::assertFalse($other->equals(self::ladder()));
    }

    /** @return iterable<string, array{AreaLadder}> */
    public static function others(): iterable
    {
        yield 'the area' => [self::ladder()->named('hood')];
        yield 'the shared light' => [new AreaLadder('coat', self::rungs(), self::uses(), false)];
        yield 'the turn' => [new AreaLadder('coat', self::rungs(), self::uses(), true, Turn::Warm)];
        yield 'that it is quiet' => [new AreaLadder('coat', self::rungs(), self::uses(), true, Turn::None, true)];
        yield 'a rung less' => [new AreaLadder('coat', [self::rungs()[0]], self::uses())];
        yield 'the role of a rung' => [new AreaLadder('coat', [self::rungs()[0], new Rung(RungRole::Relight, Paints::mix(['Weir Blue' => 1]), 0.4, 2)], self::uses())];
        yield 'its paint' => [new AreaLadder('coat', [self::rungs()[0], new Rung(RungRole::Light, Paints::mix(['Cold Spray' => 1]), 0.4, 2)], self::uses())];
        yield 'its cover' => [new AreaLadder('coat', [self::rungs()[0], new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.41, 2)], self::uses())];
        yield 'its coats' => [new AreaLadder('coat', [self::rungs()[0], new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4, 1)], self::uses())];
        yield 'a use less' => [new AreaLadder('coat', self::rungs(), [self::uses()[0]])];
        yield 'the name of a use' => [new AreaLadder('coat', self::rungs(), [new UseRecipe('tooth', 1, Paints::mix(['Gull White' => 1])), self::uses()[1]])];
        yield 'its step' => [new AreaLadder('coat', self::rungs(), [new UseRecipe('eye', 2, Paints::mix(['Gull White' => 1])), self::uses()[1]])];
        yield 'what it is painted with' => [new AreaLadder('coat', self::rungs(), [new UseRecipe('eye', 1, Paints::mix(['Lamp Black' => 1])), self::uses()[1]])];
    }

    public function test_the_order_in_which_uses_were_written_says_nothing(): void
    {
        self::assertTrue(self::ladder()->equals(new AreaLadder('coat', self::rungs(), array_reverse(self::uses()))));
    }

    public function test_every_recipe_of_it_is_named(): void
    {
        self::assertSame(['Harbour Slate', 'Weir Blue', 'Gull White', 'Old Brass'], self::ladder()->texts());
    }

    private static function ladder(): AreaLadder
    {
        return new AreaLadder('coat', self::rungs(), self::uses());
    }

    /** @return array{Rung, Rung} */
    private static function rungs(): array
    {
        return [new Rung(RungRole::Base, Paints::mix(['Harbour Slate' => 1])), new Rung(RungRole::Light, Paints::mix(['Weir Blue' => 1]), 0.4, 2)];
    }

    /** @return array{UseRecipe, UseRecipe} */
    private static function uses(): array
    {
        return [new UseRecipe('eye', 1, Paints::mix(['Gull White' => 1])), new UseRecipe('buckle', 1, Paints::mix(['Old Brass' => 1]))];
    }
}
