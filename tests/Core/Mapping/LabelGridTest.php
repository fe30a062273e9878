<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Mapping\LabelGrid;
use Core\Mapping\NotAMap;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LabelGridTest extends TestCase
{
    private const DRAWN = ['........', '..11....', '.1112...', '.112222.', '..3.22..', '..333...', '........', '.......3'];

    public function test_runs_tell_it_row_by_row_and_are_read_again(): void
    {
        $grid = MadeGrid::of(self::DRAWN);

        self::assertSame([0, 10, 1, 2, 0, 5, 1, 3, 2, 1, 0, 4, 1, 2, 2, 4, 0, 3, 3, 1, 0, 1, 2, 2, 0, 4, 3, 3, 0, 18, 3, 1], $grid->runs());
        self::assertEquals($grid, LabelGrid::fromRuns(8, 8, $grid->runs()));
    }

    public function test_it_counts_places_and_finds_what_they_fill(): void
    {
        $grid = MadeGrid::of(self::DRAWN);

        self::assertSame([1 => 7, 2 => 7, 3 => 5], $grid->counts());
        self::assertSame(['left' => 1, 'top' => 1, 'width' => 7, 'height' => 7], $grid->box());
        self::assertSame([1, 2, 3, 0, 0, 0, 0], [$grid->at(2, 1), $grid->at(4, 2), $grid->at(7, 7), $grid->at(8, 7), $grid->at(-1, 2), $grid->at(2, -1), $grid->at(2, 8)]);
        self::assertNull(LabelGrid::fromRuns(8, 8, [0, 64])->box());
        self::assertSame([], LabelGrid::fromRuns(8, 8, [0, 64])->counts());
    }

    public function test_numbers_are_exchanged_and_what_is_not_named_is_nothing(): void
    {
        self::assertSame([1 => 7, 255 => 7], MadeGrid::of(self::DRAWN)->renumbered([1 => 255, 2 => 1])->counts());
    }

    /** @return iterable<string, array{int, int, list<int>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'narrower than is kept' => [7, 8, [0, 56], '/0/width', '8 to 1024'];
        yield 'higher than is kept' => [8, 1025, [0, 8200], '/0/width', '8 to 1024'];
        yield 'a number without its length' => [8, 8, [0, 64, 1], '/0/runs/2', 'how many places'];
        yield 'no places' => [8, 8, [0, 60, 1, 0], '/0/runs/2', 'at least one'];
        yield 'a number under none' => [8, 8, [0, 60, -1, 4], '/0/runs/2', 'number of an area'];
        yield 'a number over a byte' => [8, 8, [256, 64], '/0/runs/0', 'number of an area'];
        yield 'too few places' => [8, 8, [0, 60], '/0/runs', 'tells of 60 places and its picture has 64'];
        yield 'too many places' => [8, 8, [0, 60, 1, 5], '/0/runs/2', 'tells of 65 places and its picture has 64'];
    }

    /** @param  list<int>  $runs */
    #[DataProvider('wrong')]
    public function test_what_is_no_picture_is_refused_at_its_place(int $width, int $height, array $runs, string $pointer, string $words): void
    {
        try {
            LabelGrid::fromRuns($width, $height, $runs, '/0');
        } catch (NotAMap $refusal) {
            self::assertSame([$pointer, 'map'], [$refusal->pointer(), $refusal->code()]);
            self::assertStringContainsString($words, $refusal->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    public function test_the_bounds_of_its_size_are_taken(): void
    {
        self::assertSame([8, 1024], [LabelGrid::fromRuns(8, 1024, [255, 8192])->width, LabelGrid::fromRuns(8, 1024, [255, 8192])->height]);
        $this->expectException(NotAMap::class);
        LabelGrid::ofRows([...array_fill(0, 7, '12345678'), '1234567']);
    }
}
