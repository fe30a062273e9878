<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Core\Composition\Composer;
use Core\Composition\Difficulty;
use Core\Composition\Figure;
use Core\Quote\Estimate;
use Core\Standard\Area;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** Worked by hand on a small standard: a coat, half of the figure, at the rich tier, is 43 minutes: base 7, recess 10, light 20, two buckles 6. */
final class EstimateTest extends TestCase
{
    #[DataProvider('budgets')]
    public function test_it_stands_beside_the_budget_of_its_tier(float $budget, float $size, ?float $asked, bool $isOver): void
    {
        $estimate = self::estimate(['/tiers/1/budget_minutes' => $budget], $size);

        self::assertSame($asked, $estimate->budget);
        self::assertSame($isOver, $estimate->isOver());
    }

    /** @return iterable<string, array{float, float, float|null, bool}> */
    public static function budgets(): iterable
    {
        yield 'with room' => [60.0, 1.0, 60.0, false];
        // A tenth more is 43.01 and 42.9 minutes.
        yield 'just so' => [39.1, 1.0, 39.1, false];
        yield 'over' => [39.0, 1.0, 39.0, true];
        yield 'without one' => [0.0, 1.0, null, false];
        yield 'of a minute, and less' => [0.5, 1.0, 0.5, true];
        yield 'a tenth over to the digit' => [43.0 / 1.1, 1.0, 43.0 / 1.1, false];
        // A size of 2: base 1 + 12 = 13, recess 20, light 40, buckles 6: 79 minutes.
        yield 'of a larger figure, with room' => [36.0, 2.0, 72.0, false];
        yield 'of a larger figure, over' => [35.5, 2.0, 71.0, true];
    }

    public function test_from_least_to_most_with_its_why(): void
    {
        $estimate = self::estimate(['/requirements/4/uses/0/coats_to' => 3, '/tiers/1/budget_minutes' => 40]);

        self::assertSame([43.0, 46.5], [$estimate->minutes, $estimate->most]);
        $inputs = array_column($estimate->why()->toArray()['inputs'], 'value', 'name');
        self::assertSame('43 min', $inputs['by hand']);
        self::assertSame('47 min', $inputs['with every coat and step that may be laid']);
        self::assertSame('40 min', array_values(array_filter($inputs, static fn (string $name): bool => str_ends_with($name, ' has for such a figure'), ARRAY_FILTER_USE_KEY))[0]);
        self::assertSame([], array_filter(array_keys(array_column(self::estimate(['/tiers/1/budget_minutes' => 0])->why()->toArray()['inputs'], 'value', 'name')), static fn (string $name): bool => str_ends_with($name, ' has for such a figure')), 'a tier without a budget has none to tell');
        self::assertSame('7 min', $inputs['lay-in']);
        self::assertArrayNotHasKey('finish', $inputs);
        self::assertArrayNotHasKey('with every coat and step that may be laid', array_column(self::estimate([])->why()->toArray()['inputs'], 'value', 'name'));
    }

    public function test_no_tier_has_more_for_a_sculpt_that_takes_the_brush_badly(): void
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/tiers/1/budget_minutes' => 40]));
        $figure = new Figure('rich', 2.5, [new Area('coat', 'cloth', 0.5, ['buckle' => 2])]);
        // A size of 2.5: base 1 + 15 = 16, recess 25, light 50, buckles 6: 97 minutes; the tier has 40 for a size of 1.
        $hard = Estimate::of($figure, (new Composer($standard))->compose($figure), $standard, true, Difficulty::RunsTogether);

        self::assertSame([97.0, 80.0, true], [$hard->minutes, $hard->budget, $hard->isOver()]);
        $inputs = array_column($hard->why()->toArray()['inputs'], 'value', 'name');
        self::assertSame(['2', '125 % of the time'], [$inputs['size, a foot figure is 1'], $inputs['sculpt, details run together']]);
        self::assertSame([], array_filter(array_keys(array_column(self::estimate([])->why()->toArray()['inputs'], 'value', 'name')), static fn (string $name): bool => str_starts_with($name, 'sculpt')));
    }

    public function test_a_part_of_the_work_and_a_tier_by_agreement_have_no_budget(): void
    {
        self::assertNull(self::estimate(['/tiers/1/budget_minutes' => 10], isWhole: false)->budget);
        self::assertNull(self::estimate(['/tiers/1/budget_minutes' => 10, '/tiers/1/by_agreement' => true])->budget);
    }

    /** @param  array<string, mixed>  $changes of the standard */
    private static function estimate(array $changes, float $size = 1.0, bool $isWhole = true): Estimate
    {
        $standard = StandardReader::ofSound()->read(SmallStandard::with($changes));
        $figure = new Figure('rich', $size, [new Area('coat', 'cloth', 0.5, ['buckle' => 2])]);

        return Estimate::of($figure, (new Composer($standard))->compose($figure), $standard, $isWhole);
    }
}
