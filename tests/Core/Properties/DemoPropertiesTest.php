<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Recheck;
use Core\Composition\ComposedUse;
use Core\Composition\Composition;
use Core\Composition\FigureType;
use Core\Sequence\PlannedStep;
use Core\Sequence\WorkOrder;
use Core\Standard\Standard;
use Core\Standard\TechniqueGroup;
use Core\Standard\Tier;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;
use Tests\Core\Support\EveryOrder;
use Tests\Core\Support\HandSteps;

/** What must hold of every figure of the demo at every tier: 5 types, 7 tiers. */
final class DemoPropertiesTest extends TestCase
{
    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_every_area_is_painted_not_asked_or_a_question(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        foreach ($type->areas as $area) {
            $id = $area->area->id;
            $requirement = $standard->requirement($tier->id, $area->area->surface);
            self::assertSame($requirement === null, in_array($id, $composition->undecided, true), $id);
            self::assertSame($requirement !== null && $requirement->asksNothing(), in_array($id, $composition->notAsked, true), $id);
        }
        self::assertEqualsWithDelta(array_sum(array_map(static fn (ComposedUse $use): float => $use->minutes, $composition->uses)), $composition->minutes, 1e-9);
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_nothing_is_asked_of_pieces_that_the_area_has_not(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        foreach ($composition->uses as $use) {
            self::assertTrue($use->area->has($use->use->feature), "{$use->use->id} on {$use->area->id} at {$tier->id}");
        }
        foreach ($composition->criteria as $asked) {
            self::assertTrue($asked->area->has($asked->criterion->feature));
        }
        self::assertSame($tier, $standard->tier($tier->id));
        self::assertNotSame([], $type->areas);
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_the_order_of_work_has_each_step_once_and_keeps_every_edge(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $work = (new WorkOrder($standard))->of($composition, $type);
        $done = [];
        foreach ($work->items as $planned) {
            foreach ($planned instanceof PlannedStep ? $planned->after : [] as $after) {
                self::assertArrayHasKey($after->step->number, $done, "{$after->step->name()} must come first at {$tier->id}");
            }
            $done += $planned instanceof PlannedStep ? [$planned->step->number => true] : [];
        }

        self::assertCount(count($composition->uses), $done);
        self::assertSame([], $work->gaveWay, 'the demo needs no rule to give way');
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_what_prepares_comes_first_and_what_finishes_last(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $begun = $finishing = false;
        foreach ((new WorkOrder($standard))->of($composition, $type)->items as $one) {
            $step = $one instanceof PlannedStep ? $one->step : null;
            $first = $step !== null && $step->isOfWhole() && in_array($step->technique->group, [TechniqueGroup::Prepare, TechniqueGroup::Ground], true);
            $last = $step !== null && $step->isOfWhole() && in_array($step->technique->group, [TechniqueGroup::Finish, TechniqueGroup::Tidy], true);
            self::assertFalse($first && $begun, "{$step?->name()} comes after paint at {$tier->id}");
            self::assertFalse($finishing && ! $last, "{$step?->name()} comes after the finish at {$tier->id}");
            $begun = $begun || ! $first;
            $finishing = $finishing || $last;
        }
        self::assertTrue($begun);
    }

    /** Counted anew, step by step, by one that knows no search. */
    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_what_messy_work_soils_is_tidied_once_and_takes_what_the_order_says(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $work = (new WorkOrder($standard))->of($composition, $type);
        $hand = new HandSteps($work, $type);
        $counted = (new EveryOrder($hand->steps, $hand->edges, $hand->neighbours, $hand->over, 0.5, 0.1))->minutes($hand->order);

        self::assertEqualsWithDelta($counted, $work->tidyMinutes, 1e-9, $tier->id);
        self::assertLessThan(0.1 * $composition->minutes + 1, $work->tidyMinutes, 'little of a figure is done twice');
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_passing_every_side_leaves_only_what_is_asked_by_itself(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $sheet = CheckSheet::of($type, $composition, $tier->judging);
        $state = new CheckState;
        foreach ($sheet->sides as $side) {
            $answers = $state->answers;
            foreach ($state->answeredByPassing($side, $sheet) as $item) {
                self::assertNull($item->alone);
                $answers[$item->key()] = Answer::Holds;
            }
            $state = new CheckState($answers, [...$state->passed, $side]);
        }
        $alone = array_filter($sheet->items, static fn (CheckItem $item): bool => $item->alone !== null);

        self::assertSame(count($alone), count($state->open($sheet)), $standard->name);
        self::assertSame([], $state->sidesLeft($sheet));
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_after_a_repair_what_stands_and_what_is_asked_again_make_up_the_sheet(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $sheet = CheckSheet::of($type, $composition, $tier->judging);
        $all = new CheckState(array_fill_keys(array_map(static fn (CheckItem $item): string => $item->key(), $sheet->items), Answer::Holds), $sheet->sides);
        foreach ($type->areas as $mended) {
            $recheck = new Recheck($type, [$mended->area->id], []);
            $again = count(array_filter($sheet->items, $recheck->asksAgain(...)));
            $standing = $recheck->standing($all, $sheet);
            self::assertSame(count($sheet->items), $again + count($standing->answers), $standard->version);
            foreach ($sheet->items as $item) {
                if ($item->area->area->id === $mended->area->id) {
                    self::assertArrayNotHasKey($item->key(), $standing->answers);
                    foreach ($item->sides as $side) {
                        self::assertNotContains($side, $standing->passed, 'a side from which something is asked again is passed again');
                    }
                }
            }
        }
    }
}
