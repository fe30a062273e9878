<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Recheck;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\SmallStandard;

/** A coat seen all round, a focal cape seen from front and above, a lining seen from below only. */
final class CheckingTest extends TestCase
{
    public function test_each_criterion_is_asked_once_and_focal_ones_first(): void
    {
        self::assertSame([
            'cape covered', 'cape lit', 'cape modelled', 'figure even', 'coat covered', 'coat lit', 'coat modelled', 'coat buckled',
        ], array_map(self::words(...), self::sheet()->items));
    }

    public function test_an_area_seen_from_no_counted_side_is_not_asked_and_said(): void
    {
        self::assertSame(['lining'], self::sheet()->unseen);
    }

    public function test_focal_critical_and_formerly_failed_are_asked_one_by_one(): void
    {
        $sheet = self::sheet([CheckItem::keyOf('coat', 'lit')]);
        $alone = array_filter($sheet->items, static fn (CheckItem $item): bool => $item->alone !== null);

        self::assertSame(['cape covered', 'cape lit', 'cape modelled', 'coat lit'], array_map(self::words(...), array_values($alone)));
        self::assertSame('failed before on this figure', $sheet->item(CheckItem::keyOf('coat', 'lit'))?->alone);
    }

    public function test_a_passed_side_answers_what_is_seen_last_from_it(): void
    {
        $sheet = self::sheet();
        $state = new CheckState;

        self::assertSame([], array_map(self::words(...), $state->answeredByPassing(Side::Front, $sheet)));
        // The coat's sides are front, left, back, right; the figure's last one is above.
        self::assertSame(['coat covered', 'coat lit', 'coat modelled', 'coat buckled'], array_map(self::words(...), $state->answeredByPassing(Side::Right, $sheet)));
        self::assertSame(['figure even'], array_map(self::words(...), $state->answeredByPassing(Side::Above, $sheet)));
    }

    public function test_what_is_answered_is_not_answered_again_by_a_side(): void
    {
        $state = new CheckState([CheckItem::keyOf('coat', 'lit') => Answer::DoesNotHold]);

        self::assertNotContains('coat lit', array_map(self::words(...), $state->answeredByPassing(Side::Right, self::sheet())));
    }

    public function test_a_check_is_complete_when_all_is_answered_and_every_side_passed(): void
    {
        $sheet = self::sheet();
        $answers = array_fill_keys(array_map(static fn (CheckItem $item): string => $item->key(), $sheet->items), Answer::Holds);

        self::assertFalse((new CheckState($answers, [Side::Front]))->isComplete($sheet));
        self::assertTrue((new CheckState($answers, $sheet->sides))->isComplete($sheet));
        array_pop($answers);
        self::assertFalse((new CheckState($answers, $sheet->sides))->isComplete($sheet));
    }

    public function test_after_a_repair_the_area_its_neighbours_and_what_failed_are_asked_again(): void
    {
        $sheet = self::sheet();
        $all = new CheckState(array_fill_keys(array_map(static fn (CheckItem $item): string => $item->key(), $sheet->items), Answer::Holds), $sheet->sides);
        $standing = (new Recheck(self::type(), ['cape'], []))->standing($all, $sheet);

        // The cape borders on the coat as listed, and on the figure as a whole, which lists no borders.
        self::assertSame([], array_keys($standing->answers));

        $apart = (new Recheck(self::type(), [], [CheckItem::keyOf('coat', 'lit')]))->standing($all, $sheet);
        self::assertCount(7, $apart->answers);
        self::assertSame([Side::Above], $apart->passed);
    }

    private static function words(CheckItem $item): string
    {
        return "{$item->area->area->id} {$item->criterion->id}";
    }

    /** @param  list<string>  $failedBefore */
    private static function sheet(array $failedBefore = []): CheckSheet
    {
        $standard = SmallStandard::standard();
        $areas = array_map(static fn (TypeArea $area): Area => $area->area, self::type()->areas);

        return CheckSheet::of(self::type(), (new Composer($standard))->compose(new Figure('plain', 1.0, $areas)), $standard->tier('plain')->judging, $failedBefore);
    }

    private static function type(): FigureType
    {
        $round = [Side::Front, Side::Left, Side::Back, Side::Right];

        return new FigureType('type', SizeClass::Foot, [
            new TypeArea(new Area('figure', 'whole', 1.0), '', 0, false, [...$round, Side::Above]),
            new TypeArea(new Area('coat', 'cloth', 0.5, ['buckle' => 2]), '', 3, false, $round, ['cape']),
            new TypeArea(new Area('cape', 'cloth', 0.2), '', 4, true, [Side::Front, Side::Above], ['coat']),
            new TypeArea(new Area('lining', 'cloth', 0.1), '', 2, false, [Side::Below], ['coat']),
        ]);
    }
}
