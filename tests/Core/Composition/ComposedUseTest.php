<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use Core\Composition\ComposedCriterion;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\Origin;
use Core\Standard\Allowance;
use Core\Standard\Area;
use Core\Standard\Criterion;
use Core\Standard\Extent;
use Core\Standard\Leeway;
use Core\Standard\Material;
use Core\Standard\OutOfRange;
use Core\Standard\Severity;
use Core\Standard\TechniqueUse;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a use takes by the piece, and how often it is reckoned. By hand; common practice, no source. */
final class ComposedUseTest extends TestCase
{
    /** @return iterable<string, array{TechniqueUse, float}> */
    public static function pieces(): iterable
    {
        yield 'paint alone' => [new TechniqueUse('base', ['base']), 0.0];
        yield 'one tuft a ground' => [new TechniqueUse('tufts', ['tufts'], material: new Material('tuft')), 1.0];
        yield 'three tufts a ground' => [new TechniqueUse('tufts', ['tufts'], material: new Material('tuft', 3.0)), 3.0];
        yield 'a decal for each of two marks' => [new TechniqueUse('decal', ['decal'], feature: 'mark', material: new Material('decal')), 2.0];
        yield 'two masks for each, on half of the figures' => [new TechniqueUse('mask', ['mask'], allowance: new Allowance(likely: 0.5), feature: 'mark', material: new Material('mask', 2.0)), 2.0];
        yield 'none where there is no such piece' => [new TechniqueUse('gem', ['gem'], feature: 'gem', material: new Material('stone')), 0.0];
    }

    #[DataProvider('pieces')]
    public function test_pieces_are_counted(TechniqueUse $use, float $pieces): void
    {
        self::assertSame($pieces, (new ComposedUse(new Area('ground', 'ground', 0.1, ['mark' => 2]), $use, $use->techniques[0], 0.0, Origin::Tier))->materialPieces());
    }

    public function test_minutes_have_a_range_where_coats_and_steps_have_one(): void
    {
        $use = static fn (TechniqueUse $use): ComposedUse => new ComposedUse(new Area('rim', 'rim', 0.02), $use, 'rim', 6.0, Origin::Tier);

        self::assertSame(6.0, $use(new TechniqueUse('rim', ['rim'], coats: 2))->minutesAtMost());
        self::assertSame(9.0, $use(new TechniqueUse('rim', ['rim'], coats: 2, leeway: new Leeway(coatsTo: 3)))->minutesAtMost());
        self::assertSame(18.0, $use(new TechniqueUse('rim', ['rim'], coats: 2, steps: 2, leeway: new Leeway(coatsTo: 3, stepsTo: 4)))->minutesAtMost());
        self::assertSame(15.0, (new Composition([$use(new TechniqueUse('rim', ['rim'])), $use(new TechniqueUse('light', ['rim'], coats: 2, leeway: new Leeway(coatsTo: 3)))], [], [], [], 12.0))->minutesAtMost());
    }

    public function test_a_mark_belongs_to_place_name_and_degree(): void
    {
        $key = static fn (string $area, TechniqueUse $use, string $technique = 'base'): string => (new ComposedUse(new Area($area, 'cloth', 0.1), $use, $technique, 1.0, Origin::Tier))->key();
        $keys = [
            $key('coat', new TechniqueUse('base', ['base'])), $key('hat', new TechniqueUse('base', ['base'])), $key('coat', new TechniqueUse('other', ['base'])), $key('coat', new TechniqueUse('base', ['base']), 'wash'),
            $key('coat', new TechniqueUse('base', ['base'], coats: 2)), $key('coat', new TechniqueUse('base', ['base'], steps: 2)), $key('coat', new TechniqueUse('base', ['base'], extent: Extent::Upper)),
        ];

        self::assertCount(7, array_unique($keys));
        self::assertSame('["Schürze","base","base",1,1,"every"]', $key('Schürze', new TechniqueUse('base', ['base'])), 'as marks are kept');
    }

    public function test_figures_are_alike_when_the_same_is_laid_asked_and_undecided(): void
    {
        $use = static fn (string $id): ComposedUse => new ComposedUse(new Area('coat', 'cloth', 0.1), new TechniqueUse($id, ['base']), 'base', 1.0, Origin::Tier);
        $asked = static fn (string $area, string $id): ComposedCriterion => new ComposedCriterion(new Area($area, 'cloth', 0.1), new Criterion($id, 'It is so.', Severity::Minor), Origin::Tier);
        self::assertSame(self::signature([$use('base')], [$asked('coat', 'lit')]), self::signature([$use('base')], [$asked('coat', 'lit')]));
        self::assertCount(5, array_unique([
            self::signature([$use('base')], [$asked('coat', 'lit')]), self::signature([$use('wash')], [$asked('coat', 'lit')]), self::signature([$use('base')], [$asked('hat', 'lit')]),
            self::signature([$use('base')], [$asked('coat', 'even')]), self::signature([$use('base')], [$asked('coat', 'lit')], ['hat']),
        ]));
    }

    public function test_minutes_count_at_their_likely_share(): void
    {
        self::assertSame(12.5, (new Allowance(40, 5))->onArea(0.1875, 1.0, 0));
        self::assertSame(2.5, (new Allowance(40, 5, likely: 0.2))->onArea(0.1875, 1.0, 0));
    }

    /**
     * @param  list<ComposedUse>  $uses
     * @param  list<ComposedCriterion>  $criteria
     * @param  list<string>  $undecided
     */
    private static function signature(array $uses, array $criteria, array $undecided = []): string
    {
        return (new Composition($uses, $criteria, $undecided, [], 1.0))->signature();
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function wrong(): iterable
    {
        yield 'a share of nothing' => [static fn () => new Allowance(1, likely: 0)];
        yield 'more than all' => [static fn () => new Allowance(1, likely: 1.01)];
        yield 'no piece' => [static fn () => new Material('tuft', 0)];
    }

    /** @param  callable(): mixed  $make */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused(callable $make): void
    {
        $this->expectException(OutOfRange::class);
        $make();
    }
}
