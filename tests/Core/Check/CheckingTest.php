<?php

declare(strict_types=1);

namespace Tests\Core\Check;

use Core\Check\Answer;
use Core\Check\CheckItem;
use Core\Check\CheckSheet;
use Core\Check\CheckState;
use Core\Check\Excuse;
use Core\Check\ExcusedUse;
use Core\Check\ItemKind;
use Core\Check\Recheck;
use Core\Composition\Composer;
use Core\Composition\Figure;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\Standard\Area;
use Core\Standard\Severity;
use Core\Standard\Side;
use Document\Standard\StandardReader;
use PHPUnit\Framework\Attributes\DataProvider;
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

        // The cape borders on the coat as listed; what is said of the figure as a whole is asked after any repair.
        self::assertSame([], array_keys($standing->answers));

        $apart = (new Recheck(self::type(), [], [CheckItem::keyOf('coat', 'lit')]))->standing($all, $sheet);
        self::assertCount(6, $apart->answers);
        self::assertSame([], $apart->passed);
    }

    public function test_where_no_neighbours_are_known_a_repair_asks_of_its_own_area_and_of_the_whole_only(): void
    {
        $alone = new FigureType('type', SizeClass::Foot, array_map(
            static fn (TypeArea $area): TypeArea => new TypeArea($area->area, $area->part, $area->depth, $area->focal, $area->sides),
            self::type()->areas,
        ));
        $asked = static fn (string $mended): array => array_map(self::words(...), array_values(array_filter(self::sheet()->items, (new Recheck($alone, [$mended], []))->asksAgain(...))));

        self::assertSame(['cape covered', 'cape lit', 'cape modelled', 'figure even'], $asked('cape'));
        self::assertCount(8, $asked('figure'), 'a repair of the whole can have touched everything');
        self::assertCount(8, $asked(''), 'and so can one that names no area');
    }

    public function test_what_was_handed_over_undone_is_asked_by_itself_and_its_criteria_are_not(): void
    {
        $sheet = self::sheet([], [self::excused('light', Excuse::Later), self::excused('freehand', Excuse::Later)]);
        $item = $sheet->item(CheckItem::keyOf('coat', 'light', ItemKind::Excused));

        self::assertNotNull($item);
        self::assertSame(['left for later at the bench', [Answer::NotDone]], [$item->alone, $item->answers()]);
        self::assertSame('Drybrush: left for later. Isla says: no light here yet', $item->criterion->text);
        self::assertNull($sheet->item(CheckItem::keyOf('coat', 'lit')), 'it judges nothing but what is not there');
        self::assertNotNull($sheet->item(CheckItem::keyOf('coat', 'modelled')), 'it judges the shade, too');
        self::assertNotContains($item, (new CheckState)->answeredByPassing(Side::Right, $sheet), 'it never passes with a side');
        self::assertNull($sheet->item(CheckItem::keyOf('coat', 'freehand', ItemKind::Excused)), 'what is not asked any more is no question');
    }

    /** @return iterable<string, array{Excuse, list<Answer>}> */
    public static function excuses(): iterable
    {
        yield 'left for later is not there, whatever one thinks of it' => [Excuse::Later, [Answer::NotDone]];
        yield 'left out by agreement: agreed, or not' => [Excuse::Waived, [Answer::Holds, Answer::NotDone]];
        yield 'not on this figure: so it is, or it is' => [Excuse::NotOnFigure, [Answer::NotOnFigure, Answer::NotDone]];
        yield 'cannot be reached: so it is, or it can' => [Excuse::Unreachable, [Answer::Unreachable, Answer::NotDone]];
    }

    /** @param  list<Answer>  $answers */
    #[DataProvider('excuses')]
    public function test_an_excuse_is_confirmed_or_not_and_needs_no_second_reason(Excuse $excuse, array $answers): void
    {
        $item = self::sheet([], [self::excused('light', $excuse)])->item(CheckItem::keyOf('coat', 'light', ItemKind::Excused));

        self::assertNotNull($item);
        self::assertSame($answers, $item->answers());
        self::assertFalse($item->needsReason($answers[0]));
        self::assertSame(Severity::Critical, $item->severityOf(Answer::NotDone));
    }

    public function test_what_was_not_done_is_critical_and_what_does_not_hold_is_as_bad_as_the_standard_says(): void
    {
        $item = self::sheet()->item(CheckItem::keyOf('coat', 'lit'));

        self::assertNotNull($item);
        self::assertSame([Severity::Critical, Severity::Minor], [$item->severityOf(Answer::NotDone), $item->severityOf(Answer::DoesNotHold)]);
        self::assertTrue($item->needsReason(Answer::Unreachable));
    }

    public function test_an_area_of_which_nobody_said_anything_is_an_open_question(): void
    {
        $areas = [new Area('badge', 'marking', 0.1)];
        $type = new FigureType('type', SizeClass::Foot, [new TypeArea($areas[0], '', 1, false, [Side::Front])]);
        $sheet = CheckSheet::of($type, (new Composer(SmallStandard::standard()))->compose(new Figure('rich', 1.0, $areas)), SmallStandard::standard()->tier('rich')->judging);

        self::assertSame([['badge'], []], [$sheet->undecided, $sheet->items]);
    }

    public function test_a_criterion_says_where_to_look_if_what_it_judges_goes_to_places_with_a_name(): void
    {
        $types = array_map(static fn (TypeArea $area): TypeArea => $area->area->id === 'coat'
            ? new TypeArea($area->area, $area->part, $area->depth, $area->focal, $area->sides, $area->neighbours, $area->on, ['hem', 'cuffs'])
            : $area, self::type()->areas);
        $standard = StandardReader::ofSound()->read(SmallStandard::with(['/requirements/1/uses/2/places' => ['cuff', 'collar']]));
        $type = new FigureType('type', SizeClass::Foot, $types);
        $sheet = CheckSheet::of($type, (new Composer($standard))->compose(new Figure('plain', 1.0, array_map(static fn (TypeArea $area): Area => $area->area, $types))), $standard->tier('plain')->judging);
        $places = [];
        foreach ($sheet->items as $item) {
            $places[self::words($item)] = $item->places;
        }

        self::assertSame([['cuffs'], ['cuff', 'collar'], []], [$places['coat lit'], $places['cape lit'], $places['figure even']]);
    }

    private static function excused(string $use, Excuse $as): ExcusedUse
    {
        return new ExcusedUse('coat', $use, 'Drybrush', $as, 'no light here yet', 'Isla');
    }

    private static function words(CheckItem $item): string
    {
        return "{$item->area->area->id} {$item->criterion->id}";
    }

    /**
     * @param  list<string>  $failedBefore
     * @param  list<ExcusedUse>  $excused
     */
    private static function sheet(array $failedBefore = [], array $excused = []): CheckSheet
    {
        $standard = SmallStandard::standard();
        $areas = array_map(static fn (TypeArea $area): Area => $area->area, self::type()->areas);

        return CheckSheet::of(self::type(), (new Composer($standard))->compose(new Figure('plain', 1.0, $areas)), $standard->tier('plain')->judging, $failedBefore, $excused);
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
