<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Core\Mapping\FigureMap;
use Core\Mapping\LabelGrid;
use Core\Mapping\Measured;
use Core\Mapping\MeasuredArea;
use Core\Mapping\MeasuredBorder;
use Core\Mapping\Measuring;
use Core\Mapping\NotAMap;
use Core\Mapping\PlacedPiece;
use Core\Mapping\SideMap;
use Core\Standard\Side;
use PHPUnit\Framework\TestCase;

final class MeasuringTest extends TestCase
{
    private const BOTH = ['coat', 'boots'];

    /**
     * A block 2 wide, 1 deep and 4 high, its upper half a coat and its lower half boots: of its 28 squares of surface the coat
     * has 2 + 2 × (2 × 2 + 2 × 1) = 14. Pictured from all six sides, each picture at a scale of its own.
     */
    public function test_pictures_of_all_sides_give_the_surface_of_a_block(): void
    {
        $wide = static fn (Side $side): SideMap => self::side($side, 40, 80, [[1, 0, 0, 40, 40], [2, 0, 40, 40, 40]]);
        $deep = static fn (Side $side): SideMap => self::side($side, 10, 40, [[1, 0, 0, 10, 20], [2, 0, 20, 10, 20]]);
        $measured = self::measure([
            $wide(Side::Front), $wide(Side::Back), $deep(Side::Left), $deep(Side::Right),
            self::side(Side::Above, 60, 30, [[1, 0, 0, 60, 30]]), self::side(Side::Below, 24, 12, [[2, 0, 0, 24, 12]]),
        ]);

        self::assertEqualsWithDelta(14 / 28, self::shareOf($measured, 'coat'), 1e-12);
        self::assertEqualsWithDelta(14 / 28, self::shareOf($measured, 'boots'), 1e-12);
    }

    /** The same block, its coat reaching down to three quarters: 2 + 2 × (2 × 3 + 1 × 3) = 20 of 28. */
    public function test_a_picture_taken_from_nearer_weighs_no_more(): void
    {
        $measured = self::measure([
            self::side(Side::Front, 40, 80, [[1, 0, 0, 40, 60], [2, 0, 60, 40, 20]]),
            self::side(Side::Back, 400, 800, [[1, 0, 0, 400, 600], [2, 0, 600, 400, 200]]),
            self::side(Side::Left, 10, 40, [[1, 0, 0, 10, 30], [2, 0, 30, 10, 10]]),
            self::side(Side::Right, 10, 40, [[1, 0, 0, 10, 30], [2, 0, 30, 10, 10]]),
            self::side(Side::Above, 60, 30, [[1, 0, 0, 60, 30]]),
            self::side(Side::Below, 24, 12, [[2, 0, 0, 24, 12]]),
        ]);

        self::assertEqualsWithDelta(20 / 28, self::shareOf($measured, 'coat'), 1e-12);
    }

    public function test_from_above_a_figure_is_as_wide_as_in_front_or_as_deep_as_from_its_side(): void
    {
        $deep = self::side(Side::Right, 10, 40, [[1, 0, 0, 10, 20], [2, 0, 20, 10, 20]]);
        $above = self::side(Side::Above, 60, 30, [[1, 0, 0, 60, 30]]);

        // In heights: 1/4 deep, so 1/2 wide: 1/8 each half from the side and 1/8 from above.
        self::assertEqualsWithDelta(2 / 3, self::shareOf(self::measure([$deep, $above]), 'coat'), 1e-12);
        // Alone it is taken by its longer side; there is nothing beside it to go by.
        self::assertEqualsWithDelta(1.0 - 0.25, self::shareOf(self::measure([$above]), 'coat'), 1e-12);
    }

    public function test_what_no_picture_shows_keeps_what_was_said(): void
    {
        $measured = self::measure([self::side(Side::Front, 40, 80, [[1, 0, 0, 40, 80]])]);

        self::assertSame(['boots'], $measured->notLaidOut);
        self::assertSame([Side::Front], $measured->sides);
        self::assertEqualsWithDelta(0.75, self::shareOf($measured, 'coat'), 1e-12);
        self::assertSame('25 %', $measured->area('coat')->why->inputs['areas without a picture, as it was said'] ?? null);
        self::assertNull($measured->area('boots'));
    }

    public function test_sides_are_measured_where_there_is_a_picture_and_said_where_there_is_none(): void
    {
        $measured = self::measure([
            self::side(Side::Front, 40, 80, [[1, 0, 0, 40, 40], [2, 0, 40, 40, 40]]),
            self::side(Side::Back, 40, 80, [[1, 0, 0, 40, 80]]),
        ]);

        self::assertSame([Side::Front, Side::Left, Side::Back, Side::Right, Side::Above], $measured->area('coat')?->sides);
        self::assertSame([Side::Front, Side::Left, Side::Right], $measured->area('boots')?->sides, 'said of left and right, not seen behind');
    }

    public function test_a_slip_of_the_hand_is_no_sight_of_an_area(): void
    {
        $with = static fn (int $places): Measured => self::measure([self::side(Side::Front, 40, 100, [[1, 0, 0, 40, 100], [2, 5, 5, $places, 1]]), self::side(Side::Back, 40, 100, [[2, 0, 0, 40, 100]])]);

        self::assertContains(Side::Front, $with(4)->area('boots')->sides ?? [], '4 of 4,000 places are a thousandth');
        self::assertNotContains(Side::Front, $with(3)->area('boots')->sides ?? []);
    }

    public function test_areas_border_where_they_meet_along_a_hundredth_of_the_height(): void
    {
        $meeting = static fn (int $places): Measured => self::measure([self::side(Side::Front, 40, 400, [[1, 0, 0, 20, 400], [2, 20, 0, 20, $places]])]);

        self::assertEquals([new MeasuredBorder('coat', 'boots', [Side::Front], 0.01)], $meeting(4)->borders);
        self::assertSame([], $meeting(3)->borders);
        // A sliver of two places of 400 is a half of a hundredth; three are a gap.
        $apart = static fn (int $gap): Measured => self::measure([self::side(Side::Front, 60, 400, [[1, 0, 0, 20, 400], [2, 20 + $gap, 0, 20, 100]])]);
        self::assertSame(['coat boots'], array_map(static fn (MeasuredBorder $one): string => "{$one->area} {$one->other}", $apart(2)->borders));
        self::assertSame([], $apart(3)->borders);
    }

    public function test_a_border_names_all_sides_and_the_longest_line(): void
    {
        $front = self::side(Side::Front, 40, 80, [[1, 0, 0, 40, 40], [2, 0, 40, 40, 40]]);
        $back = new SideMap(Side::Back, MadeGrid::boxes(40, 80, [[1, 0, 0, 20, 80], [2, 20, 0, 20, 80]]), ['boots', 'coat']);

        self::assertEquals([new MeasuredBorder('coat', 'boots', [Side::Front, Side::Back], 1.0)], self::measure([$front, $back])->borders);
    }

    public function test_pieces_are_at_least_the_most_that_are_placed_on_one_side(): void
    {
        $piece = static fn (float $x, string $area = 'coat'): PlacedPiece => new PlacedPiece($area, 'button', $x, 0.2);
        $whole = MadeGrid::boxes(40, 80, [[1, 0, 0, 40, 80]]);
        $measured = self::measure([
            new SideMap(Side::Front, $whole, ['coat'], [$piece(0.1), $piece(0.2), $piece(0.3), $piece(0.5, 'boots')]),
            new SideMap(Side::Back, $whole, ['coat'], [$piece(0.1), $piece(0.2)]),
        ]);

        self::assertSame(['button' => 3], $measured->area('coat')?->pieces);
    }

    public function test_a_place_with_a_name_is_no_piece(): void
    {
        $whole = MadeGrid::boxes(40, 80, [[1, 0, 0, 40, 80]]);
        $type = ListedFigureType::make('Bosun', SizeClass::Foot, [new ListedArea('coat', 'cloth', 1.0, places: ['hem'])]);
        $measured = Measuring::of(new FigureMap([new SideMap(Side::Front, $whole, ['coat'], [new PlacedPiece('coat', 'button', 0.1, 0.2), new PlacedPiece('coat', 'hem', 0.5, 0.9)])]), $type);

        self::assertSame(['button' => 1], $measured->area('coat')?->pieces);
    }

    public function test_an_area_named_by_a_number_is_one_like_others(): void
    {
        $type = ListedFigureType::make('', SizeClass::Foot, [new ListedArea('7', 'cloth', AreaWeight::Large), new ListedArea('8', 'leather', AreaWeight::Small)]);
        $measured = Measuring::of(new FigureMap([new SideMap(Side::Front, MadeGrid::boxes(20, 20, [[1, 0, 0, 20, 10], [2, 0, 10, 20, 10]]), ['7', '8'])]), $type);

        self::assertSame(['7', '8'], array_map(static fn (MeasuredArea $area): string => $area->area, $measured->areas));
        self::assertEquals([new MeasuredBorder('7', '8', [Side::Front], 1.0)], $measured->borders);
    }

    public function test_what_cannot_be_is_refused_at_its_place(): void
    {
        $whole = MadeGrid::boxes(8, 8, [[1, 0, 0, 8, 8]]);
        $empty = LabelGrid::fromRuns(8, 8, [0, 64]);

        self::assertSame(['/maps', 'map'], self::refused(static fn (): Measured => self::measure([new SideMap(Side::Front, $empty, [])])));
        self::assertSame(['/maps/0/areas/0', 'unknown-area'], self::refused(static fn (): Measured => self::measure([new SideMap(Side::Front, $whole, ['cape'])])));
        self::assertSame(['/maps/0/pieces/0/area', 'unknown-area'], self::refused(static fn (): Measured => self::measure([new SideMap(Side::Front, $whole, ['coat'], [new PlacedPiece('cape', 'eye', 0, 1)])])));
        self::assertSame(['/maps/1/side', 'duplicate-id'], self::refused(static fn (): FigureMap => new FigureMap([new SideMap(Side::Left, $empty, []), new SideMap(Side::Left, $empty, [])], '/maps')));
        self::assertSame(['/3/areas/1', 'duplicate-area'], self::refused(static fn (): SideMap => new SideMap(Side::Left, $empty, ['coat', 'coat'], [], '/3')));
        self::assertSame(['/3/runs', 'map'], self::refused(static fn (): SideMap => new SideMap(Side::Left, $whole, [], [], '/3')));
        self::assertSame(['/p/x', 'out-of-range'], self::refused(static fn (): PlacedPiece => new PlacedPiece('coat', 'eye', 1.01, 0.5, '', '/p')));
        self::assertSame(['/p/y', 'out-of-range'], self::refused(static fn (): PlacedPiece => new PlacedPiece('coat', 'eye', 0, NAN, '', '/p')));
    }

    /** @return array{string, string} pointer and code */
    private static function refused(callable $what): array
    {
        try {
            $what();
        } catch (NotAMap $refusal) {
            return [$refusal->pointer(), $refusal->code()];
        }
        self::fail('It was taken.');
    }

    private static function shareOf(Measured $measured, string $area): float
    {
        return $measured->area($area)->share ?? -1.0;
    }

    /** @param  list<SideMap>  $sides */
    private static function measure(array $sides): Measured
    {
        return Measuring::of(new FigureMap($sides), self::type());
    }

    /** Boots are a quarter of it by what was said, and seen from all sides but above. */
    private static function type(): FigureType
    {
        return ListedFigureType::make('', SizeClass::Foot, [
            new ListedArea('coat', 'cloth', AreaWeight::Large),
            new ListedArea('boots', 'leather', 0.25, sides: [Side::Front, Side::Left, Side::Back, Side::Right]),
        ]);
    }

    /** @param  list<array{int, int, int, int, int}>  $boxes */
    private static function side(Side $side, int $width, int $height, array $boxes): SideMap
    {
        return new SideMap($side, MadeGrid::boxes($width, $height, $boxes), self::BOTH);
    }
}
