<?php

declare(strict_types=1);

namespace Tests\Core\Quote;

use Core\Quote\LineChange;
use Core\Quote\QuoteLine;
use PHPUnit\Framework\TestCase;

final class LineChangeTest extends TestCase
{
    public function test_units_of_which_something_else_is_said(): void
    {
        $before = [self::line('Watch', 11, 2200), self::line('Watch', 1, 6000), self::line('Divers', 6, 4500), self::line('Troll', 1, 21000)];
        $after = [self::line('Riders', 3, 7000), self::line('Watch', 11, 2200), self::line('Watch', 1, 6000), self::line('Divers', 5, 4500)];
        $changes = LineChange::between($before, $after);

        self::assertSame(
            [['Riders', [], [3]], ['Divers', [6], [5]], ['Troll', [1], []]],
            array_map(static fn (LineChange $one): array => [$one->unit, array_column($one->before, 'figures'), array_column($one->after, 'figures')], $changes),
        );
    }

    public function test_another_tier_price_or_type_is_a_change(): void
    {
        $one = new QuoteLine('Watch', 'Lamplighter', 'Muster', 2, 100);

        self::assertSame([], LineChange::between([$one], [new QuoteLine('Watch', 'Lamplighter', 'Muster', 2, 100)]));
        self::assertCount(1, LineChange::between([$one], [new QuoteLine('Watch', 'Lamplighter', 'Guard', 2, 100)]));
        self::assertCount(1, LineChange::between([$one], [new QuoteLine('Watch', 'Lamplighter', 'Muster', 2, 101)]));
        self::assertCount(1, LineChange::between([$one], [new QuoteLine('Watch', 'Rider', 'Muster', 2, 100)]));
    }

    private static function line(string $unit, int $figures, int $each): QuoteLine
    {
        return new QuoteLine($unit, 'Lamplighter', 'Muster', $figures, $each);
    }
}
