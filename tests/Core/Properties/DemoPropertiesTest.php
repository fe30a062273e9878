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
use Core\Composition\Neighbours;
use Core\Sequence\PlannedStep;
use Core\Sequence\Steps;
use Core\Sequence\TidyBack;
use Core\Sequence\WorkOrder;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\TechniqueGroup;
use Core\Standard\Tier;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Demo;

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
    public function test_the_order_of_work_has_each_step_once_and_keeps_every_constraint(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $place = [];
        foreach ((new WorkOrder($standard))->of($composition, $type) as $at => $planned) {
            if ($planned instanceof PlannedStep) {
                $place[$planned->step->id] = $at;
                foreach ($planned->constraints as $constraint) {
                    self::assertArrayHasKey($constraint->before, $place, "{$constraint->before} must come before {$planned->step->id} at {$tier->id}");
                }
            }
        }

        self::assertCount(count($composition->uses), $place);
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_the_demo_needs_no_rule_to_give_way(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $graph = (new WorkOrder($standard))->graph(Steps::of($composition, $type, $standard), new Neighbours($type));

        self::assertSame([], $graph->gaveWay, $tier->id);
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_what_prepares_comes_first_and_what_finishes_last(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $planned = array_values(array_filter((new WorkOrder($standard))->of($composition, $type), static fn (PlannedStep|TidyBack $step): bool => $step instanceof PlannedStep));
        $begun = $finishing = false;
        foreach ($planned as $one) {
            $whole = $one->step->area->area->surface === Surface::WHOLE;
            $first = $whole && in_array($one->step->technique->group, [TechniqueGroup::Prepare, TechniqueGroup::Ground], true);
            $last = $whole && in_array($one->step->technique->group, [TechniqueGroup::Finish, TechniqueGroup::Tidy], true);
            self::assertFalse($first && $begun, "{$one->step->name()} comes after paint at {$tier->id}");
            self::assertFalse($finishing && ! $last, "{$one->step->name()} comes after the finish at {$tier->id}");
            $begun = $begun || ! $first;
            $finishing = $finishing || $last;
        }
        self::assertTrue($begun);
    }

    #[DataProviderExternal(Demo::class, 'figures')]
    public function test_messy_work_near_a_finished_area_is_tidied_back_before_neat_work_goes_on(Standard $standard, FigureType $type, Tier $tier, Composition $composition): void
    {
        $neighbours = new Neighbours($type);
        $left = array_count_values(array_map(static fn (ComposedUse $use): string => $use->area->id, $composition->uses));
        $soiled = [];
        foreach ((new WorkOrder($standard))->of($composition, $type) as $step) {
            if ($step instanceof TidyBack) {
                unset($soiled[$step->area->area->id]);

                continue;
            }
            self::assertTrue($step->step->technique->messy || $soiled === [], "{$step->step->name()} goes on over soiled ".implode(', ', array_keys($soiled))." at {$tier->id}");
            $left[$step->step->area->area->id]--;
            foreach ($step->step->technique->messy && $step->step->area->area->surface !== Surface::WHOLE ? $neighbours->of($step->step->area->area->id) : [] as $near) {
                if (($left[$near] ?? null) === 0 && $type->area($near)?->area->surface !== Surface::WHOLE) {
                    $soiled[$near] = true;
                }
            }
        }
        self::assertSame([], $soiled);
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
