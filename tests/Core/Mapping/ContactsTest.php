<?php

declare(strict_types=1);

namespace Tests\Core\Mapping;

use Core\Mapping\Contacts;
use PHPUnit\Framework\TestCase;

final class ContactsTest extends TestCase
{
    private const DRAWN = [
        '1111....',
        '1111..4.',
        '1111..4.',
        '.22.....',
        '.22.33..',
        '........',
        '.55.....',
        '.55.....',
    ];

    public function test_areas_meet_along_rows_and_down_columns(): void
    {
        self::assertSame([1 => [2 => 2]], (new Contacts(0))->in(MadeGrid::of(self::DRAWN)));
    }

    public function test_over_a_sliver_they_meet_all_the_same(): void
    {
        $lengths = (new Contacts(1))->in(MadeGrid::of(self::DRAWN));

        self::assertSame(1, $lengths[2][3] ?? 0, 'one place between 2 and 3 in one row');
        self::assertSame(2, $lengths[2][5] ?? 0, 'one place between 2 and 5 in two columns');
        self::assertSame([1 => [2 => 2, 3 => 0, 4 => 0]], [1 => [2 => $lengths[1][2] ?? 0, 3 => $lengths[1][3] ?? 0, 4 => $lengths[1][4] ?? 0]]);
        self::assertArrayNotHasKey(4, (new Contacts(1))->in(MadeGrid::of(self::DRAWN))[3] ?? []);
    }

    public function test_a_wider_gap_is_one_and_an_area_never_meets_itself(): void
    {
        $lengths = (new Contacts(2))->in(MadeGrid::of(self::DRAWN));

        self::assertSame(2, $lengths[1][4] ?? 0, 'two places between 1 and 4 in two rows');
        self::assertSame([], (new Contacts(2))->in(MadeGrid::of(array_fill(0, 8, '1.1..111'))));
    }
}
