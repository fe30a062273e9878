<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\FigureType;
use Core\Composition\NotAChoice;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\TypeCheck;
use Core\CoreException;
use Core\Standard\Area;
use Core\Standard\Side;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What areas of a figure type may say of each other, and where it is told what they may not. */
final class TypeCheckTest extends TestCase
{
    /** @return iterable<string, array{list<TypeArea>, string, string, string}> areas, code, pointer, a part of the sentence */
    public static function wrong(): iterable
    {
        $whole = self::area('figure', [], null, 'whole');

        yield 'two that are the figure as one' => [[$whole, self::area('coat'), self::area('all', [], null, 'whole')], 'duplicate-area', '/2/surface', 'figure'];
        yield 'a neighbour that is not there' => [[self::area('coat', ['hat'])], 'unknown-area', '/0/neighbours/0', 'hat'];
        yield 'the second neighbour is not there' => [[self::area('face'), self::area('coat', ['face', 'hat'])], 'unknown-area', '/1/neighbours/1', 'hat'];
        yield 'itself as a neighbour' => [[self::area('coat', ['coat'])], 'unknown-area', '/0/neighbours/0', 'coat'];
        yield 'the figure as one as a neighbour' => [[$whole, self::area('coat', ['figure'])], 'unknown-area', '/1/neighbours/0', 'figure'];
        yield 'a neighbour twice' => [[self::area('face'), self::area('coat', ['face', 'face'])], 'duplicate-id', '/1/neighbours/1', 'face'];
        yield 'on what is not there' => [[self::area('coat', [], 'hat')], 'unknown-area', '/0/on', 'hat'];
        yield 'on the figure as one' => [[$whole, self::area('coat', [], 'figure')], 'unknown-area', '/1/on', 'figure'];
        yield 'on itself' => [[self::area('coat', [], 'coat')], 'cycle', '/0/on', 'coat on coat'];
        $face = static fn (string ...$places): TypeArea => new TypeArea(new Area('face', 'face', 0.1, ['eye' => 2]), '', 1, true, [Side::Front], [], null, array_values($places));
        yield 'a name for two places' => [[self::area('coat'), $face('brow', 'nose', 'Brow')], 'duplicate-place', '/1/places/2', 'Brow'];
        yield 'a place that is called as its pieces are' => [[$face('eye')], 'duplicate-place', '/0/places/0', 'eye'];
        yield 'a ring of two' => [[self::area('teeth', [], 'face'), self::area('face', [], 'teeth')], 'cycle', '/0/on', 'teeth on face on teeth'];
        yield 'a ring that another sits on' => [[self::area('gem', [], 'teeth'), self::area('teeth', [], 'face'), self::area('face', [], 'teeth')], 'cycle', '/0/on', 'teeth on face on teeth'];
    }

    /** @param  list<TypeArea>  $areas */
    #[DataProvider('wrong')]
    public function test_it_is_told_where(array $areas, string $code, string $pointer, string $part): void
    {
        try {
            (new TypeCheck)->require(new FigureType('type', SizeClass::Foot, $areas));
            self::fail('It is taken.');
        } catch (CoreException $refusal) {
            self::assertSame([$code, $pointer], [$refusal->code(), $refusal->pointer()]);
            self::assertStringContainsString($part, $refusal->getMessage());
        }
    }

    public function test_what_may_be_is_taken(): void
    {
        $this->expectNotToPerformAssertions();
        (new TypeCheck)->require(new FigureType('type', SizeClass::Foot, [
            self::area('figure', [], null, 'whole'), self::area('face', ['coat']), self::area('coat', ['face', 'strap']), self::area('strap', ['coat']), self::area('buckle', [], 'strap'), self::area('gem', [], 'buckle'),
        ]));
    }

    public function test_a_technique_that_is_no_choice_is_told_with_those_that_are(): void
    {
        $open = NotAChoice::of(new TechniqueUse('light', ['layer', 'drybrush']), 'wash', '/choose/0/technique');

        self::assertSame(['not-a-choice', '/choose/0/technique', '"wash" cannot be chosen for "light"; it may be layer or drybrush.'], [$open->code(), $open->pointer(), $open->getMessage()]);
        self::assertSame('"wash" cannot be chosen for "base"; its method is settled: base.', NotAChoice::of(new TechniqueUse('base', ['base']), 'wash')->getMessage());
    }

    /** @param  list<string>  $neighbours */
    private static function area(string $id, array $neighbours = [], ?string $on = null, string $surface = 'cloth'): TypeArea
    {
        return new TypeArea(new Area($id, $surface, 0.1), '', 1, false, [Side::Front], $neighbours, $on);
    }
}
