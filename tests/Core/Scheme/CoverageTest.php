<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Colour\Srgb;
use Core\Scheme\Coverage;
use Core\Scheme\NotAPaint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    /** L* of these greys: 34.9 and 35.3, 64.7 and 65.1. */
    #[TestWith(['#525252', 4])]
    #[TestWith(['#535353', 3])]
    #[TestWith(['#9d9d9d', 3])]
    #[TestWith(['#9e9e9e', 2])]
    public function test_coats_follow_from_what_lies_under(string $under, int $coats): void
    {
        self::assertSame($coats, (new Coverage(4, 3, 2))->over(Srgb::fromHex($under)));
    }

    #[TestWith([1, true])]
    #[TestWith([9, true])]
    #[TestWith([0, false])]
    #[TestWith([10, false])]
    public function test_a_paint_takes_one_to_nine_coats(int $coats, bool $may): void
    {
        $may || $this->expectException(NotAPaint::class);

        self::assertSame($coats, (new Coverage($coats, 1, $coats))->onDark);
    }
}
