<?php

declare(strict_types=1);

namespace Tests\Core\Listing;

use Core\Composition\FigureType;
use Core\Composition\SitsInARing;
use Core\Composition\SizeClass;
use Core\Composition\TypeArea;
use Core\CoreException;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Core\Listing\SharesDoNotFit;
use Core\Listing\SurfaceDepth;
use Core\Standard\Duplicate;
use Core\Standard\OutOfRange;
use Core\Standard\Side;
use Core\Standard\UnknownReference;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A figure taken down by its areas. Common practice, no source; the numbers are the studio's defaults. */
final class ListedFigureTypeTest extends TestCase
{
    public function test_each_word_of_size_is_thrice_the_one_before_and_together_they_are_the_body_once(): void
    {
        self::assertEqualsWithDelta([1.0, 27 / 40, 9 / 40, 3 / 40, 1 / 40], self::shares(self::made(
            new ListedArea('coat', 'cloth', AreaWeight::Large),
            new ListedArea('boots', 'leather', AreaWeight::Medium),
            new ListedArea('face', 'face', AreaWeight::Small),
            new ListedArea('lens', 'lens', AreaWeight::Tiny),
        )), 1e-12);
    }

    public function test_the_figure_as_one_comes_first_draws_no_eye_and_is_of_no_part_and_what_sits_on_another_borders_on_it(): void
    {
        $type = ListedFigureType::make('Rider', SizeClass::Foot, [
            new ListedArea('coat', 'cloth', AreaWeight::Large, part: 'rider'),
            new ListedArea('face', 'face', AreaWeight::Small),
            new ListedArea('belt', 'leather', AreaWeight::Small, on: 'coat', neighbours: ['face']),
        ]);

        self::assertSame([ListedFigureType::FIGURE, 'whole', false, ''], [$type->areas[0]->area->id, $type->areas[0]->area->surface, $type->areas[0]->focal, $type->areas[0]->part]);
        self::assertSame(['face', 'coat'], $type->area('belt')?->neighbours);
    }

    public function test_a_share_that_is_given_stands_and_words_make_up_what_is_left(): void
    {
        self::assertEqualsWithDelta([1.0, 0.6, 0.3, 0.1], self::shares(self::made(
            new ListedArea('coat', 'cloth', 0.6),
            new ListedArea('boots', 'leather', AreaWeight::Medium),
            new ListedArea('face', 'face', AreaWeight::Small),
        )), 1e-12);
    }

    /** @return iterable<string, array{list<float|AreaWeight>, string|null}> sizes, and where it is refused */
    public static function sizes(): iterable
    {
        yield 'under half a percent over' => [[0.7, 0.3049], null];
        yield 'more than that over' => [[0.7, 0.3051], '/areas'];
        yield 'under half a percent under' => [[0.7, 0.2951], null];
        yield 'more than that under, and no word' => [[0.7, 0.2949], '/areas'];
        yield 'a word takes what is left' => [[0.7, 0.2949, AreaWeight::Tiny], null];
        yield 'over half a percent is left for a word' => [[0.7, 0.2949, AreaWeight::Tiny], null];
        yield 'less is left for a word' => [[0.7, 0.2951, AreaWeight::Tiny], '/areas/2/weight'];
    }

    /** @param  list<float|AreaWeight>  $sizes */
    #[DataProvider('sizes')]
    public function test_shares_make_up_the_body_once(array $sizes, ?string $refusedAt): void
    {
        $areas = array_map(static fn (int $i, float|AreaWeight $size): ListedArea => new ListedArea("a{$i}", 'cloth', $size), array_keys($sizes), $sizes);
        try {
            $made = self::made(...$areas);
            self::assertNull($refusedAt);
            self::assertCount(count($sizes) + 1, $made->areas);
        } catch (SharesDoNotFit $refusal) {
            self::assertSame([$refusedAt, 'shares'], [$refusal->pointer(), $refusal->code()]);
        }
    }

    public function test_what_is_too_much_or_too_little_is_said(): void
    {
        self::assertSame('The shares come to 130 %; the body is made up once. Take 30 % away.', SharesDoNotFit::over(1.3)->getMessage());
        self::assertSame('The shares come to 87.5 %; the body is made up once. Say a word instead of a share for one area, and it takes the 12.5 % left.', SharesDoNotFit::under(0.875)->getMessage());
        self::assertStringContainsString('nothing is left for "sash"', SharesDoNotFit::nothingLeft('sash')->getMessage());
    }

    public function test_the_figure_as_one_is_added_and_all_sides_but_below_are_taken(): void
    {
        $type = self::made(new ListedArea('coat', 'cloth', AreaWeight::Large), new ListedArea('soles', 'leather', AreaWeight::Tiny, sides: [Side::Below]));

        self::assertSame(['figure', 'whole', 0], [$type->areas[0]->area->id, $type->areas[0]->area->surface, $type->areas[0]->depth]);
        self::assertSame([Side::Front, Side::Left, Side::Back, Side::Right, Side::Above], $type->areas[1]->sides);
        self::assertSame([Side::Below], $type->areas[2]->sides);
    }

    public function test_depth_follows_from_the_surface_unless_it_is_said(): void
    {
        self::assertSame([1, 1, 1, 2, 3, 4, 5, 6, 7, 8, 9, 4], array_map(SurfaceDepth::of(...), ['face', 'skin', 'joints', 'leather', 'cloth', 'plate', 'trim', 'lens', 'marking', 'ground', 'rim', 'coral']));
        $type = self::made(new ListedArea('coat', 'cloth', AreaWeight::Large), new ListedArea('lining', 'cloth', AreaWeight::Tiny, depth: 0));

        self::assertSame([3, 0], [$type->areas[1]->depth, $type->areas[2]->depth]);
    }

    public function test_pieces_parts_and_what_draws_the_eye_are_kept(): void
    {
        $face = self::made(new ListedArea('face', 'face', AreaWeight::Small, true, ['eye' => 2], 'rider'))->areas[1];

        self::assertSame([2, 'rider', true], [$face->area->pieces('eye'), $face->part, $face->focal]);
    }

    public function test_what_sits_on_another_borders_on_it(): void
    {
        $type = self::made(
            new ListedArea('face', 'face', AreaWeight::Small),
            new ListedArea('teeth', 'bone', AreaWeight::Tiny, on: 'face', isUnsure: true),
            new ListedArea('tongue', 'skin', AreaWeight::Tiny, on: 'face', neighbours: ['teeth', 'face']),
        );

        self::assertSame([[], ['face'], ['teeth', 'face']], array_map(static fn (TypeArea $area): array => $area->neighbours, array_slice($type->areas, 1)));
        self::assertSame(['teeth'], $type->unsure(), 'and what nobody is sure of stays so');
    }

    /** @return iterable<string, array{list<ListedArea>, class-string<CoreException>, string}> */
    public static function wrong(): iterable
    {
        $coat = new ListedArea('coat', 'cloth', AreaWeight::Large);
        yield 'a name twice, whatever its case' => [[$coat, new ListedArea('Coat', 'cloth', AreaWeight::Small)], Duplicate::class, '/areas/1/name'];
        yield 'the name of the figure as one' => [[$coat, new ListedArea('Figure', 'cloth', AreaWeight::Small)], Duplicate::class, '/areas/1/name'];
        yield 'another figure as one' => [[$coat, new ListedArea('all of it', 'whole', AreaWeight::Small)], Duplicate::class, '/areas/1/surface'];
        yield 'a neighbour that is not there' => [[$coat, new ListedArea('hat', 'cloth', AreaWeight::Small, neighbours: ['coat', 'cape'])], UnknownReference::class, '/areas/1/neighbours/1'];
        yield 'it borders on itself' => [[new ListedArea('coat', 'cloth', AreaWeight::Large, neighbours: ['coat'])], UnknownReference::class, '/areas/0/neighbours/0'];
        yield 'it sits on what is not there' => [[$coat, new ListedArea('badge', 'metal', AreaWeight::Tiny, on: 'cape')], UnknownReference::class, '/areas/1/on'];
        yield 'two that sit on each other' => [[new ListedArea('a', 'cloth', AreaWeight::Tiny, on: 'b'), new ListedArea('b', 'cloth', AreaWeight::Tiny, on: 'a')], SitsInARing::class, '/areas/0/on'];
    }

    /**
     * @param  non-empty-list<ListedArea>  $areas
     * @param  class-string<CoreException>  $refusal
     */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_at_its_place(array $areas, string $refusal, string $at): void
    {
        try {
            self::made(...$areas);
            self::fail('It was taken.');
        } catch (CoreException $refused) {
            self::assertSame([$refusal, $at], [$refused::class, $refused->pointer()]);
        }
    }

    public function test_a_share_is_over_0_and_at_most_1(): void
    {
        self::assertSame(1.0, (new ListedArea('coat', 'cloth', 1.0))->size);
        $this->expectException(OutOfRange::class);
        new ListedArea('coat', 'cloth', 0.0);
    }

    public function test_no_area_is_larger_than_the_body(): void
    {
        $this->expectException(OutOfRange::class);
        new ListedArea('coat', 'cloth', 1.01);
    }

    private static function made(ListedArea ...$areas): FigureType
    {
        return ListedFigureType::make('Bosun', SizeClass::Foot, $areas === [] ? throw new \LogicException('A figure has areas.') : array_values($areas));
    }

    /** @return list<float> */
    private static function shares(FigureType $type): array
    {
        return array_map(static fn (TypeArea $area): float => $area->area->share, $type->areas);
    }
}
