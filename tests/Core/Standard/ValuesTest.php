<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Composition\Figure;
use Core\Composition\NoReason;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Composition\Waiver;
use Core\Standard\Allowance;
use Core\Standard\Area;
use Core\Standard\Caution;
use Core\Standard\EachWithoutFeature;
use Core\Standard\Extent;
use Core\Standard\FaultLimits;
use Core\Standard\Judging;
use Core\Standard\Leeway;
use Core\Standard\LiesOn;
use Core\Standard\Opacity;
use Core\Standard\OutOfRange;
use Core\Standard\ReferenceFigure;
use Core\Standard\Side;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values are right by construction: just inside a bound they stand, just outside they are refused. */
final class ValuesTest extends TestCase
{
    /** @return iterable<string, array{callable(): mixed, callable(): mixed}> just inside, just outside */
    public static function bounds(): iterable
    {
        $judging = static fn (float $distance, float $tolerance, float $notice): Judging => new Judging($distance, [Side::Front], new FaultLimits(0, 0, 0), $tolerance, $notice);
        $tier = static fn (int $rank, float $look, float $budget): Tier => new Tier('t', 'T', $rank, $judging(700, 5, 1), $look, $budget);

        yield 'a limit of 0' => [static fn () => new FaultLimits(0, 0, 0), static fn () => new FaultLimits(0, -1, 0)];
        yield 'a distance over 0' => [static fn () => $judging(0.001, 5, 1), static fn () => $judging(0, 5, 1)];
        yield 'a tolerance of 0' => [static fn () => $judging(700, 0, 1), static fn () => $judging(700, -0.1, 1)];
        yield 'noticing from 1' => [static fn () => $judging(700, 5, 1), static fn () => $judging(700, 5, 0.999)];
        yield 'a rank of 0' => [static fn () => $tier(0, 1, 1), static fn () => $tier(-1, 1, 1)];
        yield 'a look over 0' => [static fn () => $tier(1, 0.01, 1), static fn () => $tier(1, 0, 1)];
        yield 'a budget of 0' => [static fn () => $tier(1, 1, 0), static fn () => $tier(1, 1, -1)];
        yield 'a drying time of 0' => [static fn () => new Technique('t', 'T', TechniqueGroup::Light, Opacity::Semi, LiesOn::All, 0), static fn () => new Technique('t', 'T', TechniqueGroup::Light, Opacity::Semi, LiesOn::All, -1)];
        yield 'one coat' => [static fn () => new TechniqueUse('u', ['t'], 1), static fn () => new TechniqueUse('u', ['t'], 0)];
        yield 'one step' => [static fn () => new TechniqueUse('u', ['t'], 1, 1), static fn () => new TechniqueUse('u', ['t'], 1, 0)];
        yield 'no minutes' => [static fn () => new Allowance(0, 0, 0), static fn () => new Allowance(0, -0.1, 0)];
        yield 'a share of 1' => [static fn () => new Area('a', 's', 1), static fn () => new Area('a', 's', 1.001)];
        yield 'a share over 0' => [static fn () => new Area('a', 's', 0.001), static fn () => new Area('a', 's', 0)];
        yield 'a size over 0' => [static fn () => new Figure('t', 0.1, []), static fn () => new Figure('t', 0, [])];
        yield 'a reference of a size over 0' => [static fn () => new ReferenceFigure([], 0.1), static fn () => new ReferenceFigure([], 0)];
        yield 'a depth of 0' => [static fn () => new TypeArea(new Area('a', 's', 1), '', 0, false, []), static fn () => new TypeArea(new Area('a', 's', 1), '', -1, false, [])];
    }

    /**
     * @param  callable(): mixed  $inside
     * @param  callable(): mixed  $outside
     */
    #[DataProvider('bounds')]
    public function test_a_bound_holds(callable $inside, callable $outside): void
    {
        self::assertNotNull($inside());
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches('/ it must be (at least|over) [\d.]+/');
        $outside();
    }

    public function test_minutes_a_piece_need_a_piece(): void
    {
        self::assertSame(1.5, (new TechniqueUse('u', ['t'], allowance: new Allowance(each: 1.5), feature: 'eye'))->allowance->each);
        $this->expectException(EachWithoutFeature::class);
        new TechniqueUse('u', ['t'], allowance: new Allowance(each: 1.5));
    }

    public function test_a_waiver_needs_a_reason(): void
    {
        $this->expectException(NoReason::class);
        new Waiver('coat', 'shade', " \t");
    }

    public function test_extents_are_ordered_from_a_few_spots_to_everywhere(): void
    {
        $order = [Extent::Spot, Extent::Focal, Extent::Upper, Extent::Every];
        foreach ($order as $i => $extent) {
            foreach ($order as $j => $other) {
                self::assertSame($i < $j, $extent->isNarrowerThan($other));
            }
        }
    }

    /** @return iterable<string, array{TechniqueUse, string}> */
    public static function degrees(): iterable
    {
        yield 'one plain coat over everything' => [new TechniqueUse('u', ['t']), ''];
        yield 'coats' => [new TechniqueUse('u', ['t'], 2), '2 coats'];
        yield 'steps on upper parts' => [new TechniqueUse('u', ['t'], 1, 3, Extent::Upper), '3 steps, upper parts only'];
        yield 'places stand for the extent' => [new TechniqueUse('u', ['t'], extent: Extent::Focal, places: ['brow', 'nose']), 'brow, nose'];
        yield 'a share' => [new TechniqueUse('u', ['t'], cover: 0.75), 'over 75 % of it'];
        yield 'not everywhere, and only if it is needed' => [
            new TechniqueUse('u', ['t'], extent: Extent::Upper, leeway: new Leeway(onlyIf: 'the steps are too stark', notPlaces: ['round the eyes'], inTurnWith: 'strokes')),
            'upper parts only, not round the eyes, in turn with strokes, mix by mix, only if the steps are too stark',
        ];
        yield 'pieces' => [new TechniqueUse('u', ['t'], feature: 'eye'), 'each eye'];
    }

    #[DataProvider('degrees')]
    public function test_a_degree_in_words(TechniqueUse $use, string $words): void
    {
        self::assertSame($words, UseWords::degree($use));
    }

    public function test_asking_less_is_fewer_coats_or_steps_or_a_narrower_extent(): void
    {
        $use = new TechniqueUse('u', ['t'], 2, 2, Extent::Upper);

        self::assertFalse($use->asksLessThan($use));
        self::assertTrue((new TechniqueUse('u', ['t'], 1, 9, Extent::Every))->asksLessThan($use));
        self::assertTrue((new TechniqueUse('u', ['t'], 9, 1, Extent::Every))->asksLessThan($use));
        self::assertTrue((new TechniqueUse('u', ['t'], 9, 9, Extent::Focal))->asksLessThan($use));
        self::assertFalse((new TechniqueUse('u', ['t'], 3, 2, Extent::Every))->asksLessThan($use));
    }

    public function test_limits_are_looser_when_any_of_them_is_higher(): void
    {
        $limits = new FaultLimits(0, 1, 3);

        self::assertFalse($limits->areLooserThan($limits));
        self::assertFalse((new FaultLimits(0, 0, 3))->areLooserThan($limits));
        self::assertTrue((new FaultLimits(0, 0, 4))->areLooserThan($limits));
        self::assertTrue((new FaultLimits(1, 0, 0))->areLooserThan($limits));
    }

    public function test_a_size_class_bears_what_is_said_of_it_and_else_what_the_others_bear(): void
    {
        $judging = new Judging(600, [Side::Front], new FaultLimits(0, 1, 3), 5.0, 1.5, ['monster' => new FaultLimits(0, 2, 6)]);

        self::assertSame([[0, 2, 6], [0, 1, 3]], array_map(static fn (string $size): array => array_values(get_object_vars($judging->limitsOf($size))), ['monster', 'foot']));
        $monster = $judging->ofSize('monster');
        self::assertSame([600.0, [Side::Front], 5.0, 1.5, 6, []], [$monster->distanceMm, $monster->sides, $monster->colourTolerance, $monster->noticeArcmin, $monster->limits->minor, $monster->limitsBySize]);
        $tier = (new Tier('rich', 'Rich', 2, $judging, 3.0, 90.0, true, true))->ofSize('monster');
        self::assertSame(['rich', 2, 6, 3.0, 90.0, true, true], [$tier->id, $tier->rank, $tier->judging->limits->minor, $tier->lookMinutes, $tier->budgetMinutes, $tier->byAgreement, $tier->retired]);
    }

    public function test_size_classes_are_those_of_the_studios_default(): void
    {
        self::assertSame([0.4, 1.0, 1.6, 2.5, 5.0, 12.0], array_map(static fn (SizeClass $class): float => $class->size(), SizeClass::cases()));
    }

    public function test_sprayed_and_powdered_work_carries_its_caution_and_every_sheet_the_general_one(): void
    {
        foreach ([TechniqueGroup::Ground, TechniqueGroup::Finish] as $sprayed) {
            self::assertStringContainsString('extracted booth', (string) Caution::of($sprayed));
            self::assertStringContainsString('flame', (string) Caution::of($sprayed));
        }
        self::assertStringContainsString('mask', (string) Caution::of(TechniqueGroup::Wear));
        self::assertStringContainsString('away from the hand', (string) Caution::of(TechniqueGroup::Prepare));
        self::assertStringContainsString('safety data sheet', Caution::ALWAYS);
        self::assertStringContainsString('qualified person', Caution::ALWAYS);
    }
}
