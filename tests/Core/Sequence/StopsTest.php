<?php

declare(strict_types=1);

namespace Tests\Core\Sequence;

use Core\Composition\Figure;
use Core\Composition\StoppingPlaces;
use Core\Composition\TypeArea;
use Core\Sequence\PlannedStep;
use Core\Sequence\Stop;
use Core\Sequence\Stops;
use Core\Sequence\TidyBack;
use Core\Sequence\WorkOrder;
use Core\Standard\Area;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\TwoTiers;

/** Where on its way a figure of the higher tier could be closed and shipped at the lower one. */
final class StopsTest extends TestCase
{
    private const BASE = ['technique' => 'base', 'minutes' => 10];

    private const LINE = ['technique' => 'line', 'minutes' => 4];

    public function test_it_is_complete_behind_the_last_step_that_the_lower_tier_needs_but_for_what_closes_it(): void
    {
        $lower = ['coat' => [self::BASE], 'belt' => [self::BASE], 'whole' => [['technique' => 'varnish', 'minutes' => 1]]];
        $stops = self::stops($lower, ['coat' => [self::BASE, self::LINE], 'belt' => [self::BASE, self::LINE]] + $lower);

        self::assertSame([['line', 'belt base', ['varnish'], 8.0]], $stops);
    }

    public function test_what_only_the_higher_tier_closes_with_is_not_needed(): void
    {
        $varnish = ['technique' => 'varnish', 'minutes' => 1];
        $lower = ['coat' => [self::BASE], 'whole' => [$varnish]];
        $stops = self::stops($lower, ['coat' => [self::BASE, self::LINE], 'whole' => [['id' => 'gloss', ...$varnish], $varnish]]);

        self::assertSame([['line', 'coat base', ['varnish'], 5.0]], $stops);
    }

    public function test_a_tier_that_is_complete_only_at_the_end_is_no_stop(): void
    {
        $lower = ['coat' => [self::BASE], 'belt' => [self::BASE]];

        self::assertSame([], self::stops($lower, ['coat' => [['technique' => 'wash', 'minutes' => 3], self::BASE], 'belt' => [self::BASE]]));
    }

    public function test_a_tier_that_asks_for_more_on_the_way_is_never_complete_there(): void
    {
        $lower = ['coat' => [['technique' => 'wash'], self::BASE], 'belt' => [self::BASE]];

        self::assertSame([], self::stops($lower, ['coat' => [self::BASE, self::LINE], 'belt' => [self::BASE, self::LINE]]));
    }

    /** Dust of the belt and mud of the coat soil each other: what is soiled by the time must be tidied to ship it. The line comes last here. */
    public function test_what_was_soiled_by_then_is_tidied_before_it_is_shipped(): void
    {
        $lower = ['belt' => [self::BASE, ['technique' => 'dust', 'minutes' => 1]], 'coat' => [self::BASE, ['technique' => 'mud', 'minutes' => 1]]];
        $stops = self::stops($lower, ['belt' => $lower['belt'], 'coat' => [...$lower['coat'], self::LINE]], ['coat' => ['belt']], 'coat line');

        self::assertSame([['line', 'belt dust', ['tidy coat'], 4.0]], $stops);
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $lower by surface
     * @param  array<string, list<array<string, mixed>>>  $higher
     * @param  array<string, list<string>>  $touching
     * @param  string  $last step that is laid after all others, whatever the order says
     * @return list<array{string, string, list<string>, float}> tier, last step, what is still needed, minutes that follow
     */
    private static function stops(array $lower, array $higher, array $touching = [], string $last = ''): array
    {
        $standard = TwoTiers::standard($lower, $higher);
        $type = TwoTiers::type(array_keys($lower), $touching);
        $figure = new Figure('banner', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $type->areas));
        $items = (new WorkOrder($standard))->of(TwoTiers::composed($standard, $type, 'banner'), $type)->items;
        $name = static fn (PlannedStep|TidyBack $item): string => $item instanceof TidyBack ? "tidy {$item->area->area->id}" : ($item->step->isOfWhole() ? '' : "{$item->step->area->area->id} ").$item->step->laid->use->id;
        usort($items, static fn (PlannedStep|TidyBack $one, PlannedStep|TidyBack $other): int => ($name($one) === $last) <=> ($name($other) === $last));

        return array_map(static fn (Stop $stop): array => [$stop->tier, $name($items[$stop->item]), array_map($name, $stop->still), $stop->minutes], Stops::along($items, (new StoppingPlaces($standard))->of($figure)));
    }
}
