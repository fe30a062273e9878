<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Core\Schedule\BatchPath;
use Core\Schedule\BatchSize;
use Core\Schedule\BatchTimes;
use Core\Schedule\Laying;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\LaidCoats;

/** How many figures are enough at once, worked by hand: a base, and a wash that waits for it. */
final class BatchSizeTest extends TestCase
{
    /**
     * Minutes of base and wash, and how long the base dries. The bases of n figures end at 4n; the first wash may begin at 14.
     * With 8 figures they end at 32, and five washes can be laid at once; the last base is dry at 42, when one has waited 3 of 40.
     */
    #[TestWith([4.0, 1.0, 0.0, 1], 'nothing dries')]
    #[TestWith([4.0, 1.0, 0.5, 1], 'a tenth of the work may wait')]
    #[TestWith([4.0, 1.0, 0.6, 2], 'a hair over it')]
    #[TestWith([4.0, 1.0, 10.0, 8])]
    #[TestWith([1.0, 1.0, 20.0, 18], 'one waits 21 less n of 2n minutes')]
    #[TestWith([0.5, 0.5, 600.0, null], 'no table is long enough')]
    public function test_it_is_the_fewest_that_fill_the_drying(float $base, float $wash, float $dry, ?int $enough): void
    {
        $coats = LaidCoats::of(['cloth' => [['technique' => 'base'], ['technique' => 'wash']]], ['coat base' => new Laying($base, 1, $dry), 'coat wash' => new Laying($wash)]);
        $waits = static fn (int $figures): float => ($time = (new BatchTimes($coats))->along(BatchPath::StepByStep, $figures))->waiting / $time->byHand;

        self::assertSame($enough, BatchSize::enough($coats), implode(' ', array_map(static fn (int $n): string => $n.':'.round($waits($n), 3), range(1, 24))));
        for ($figures = 1; $figures < ($enough ?? BatchSize::MOST + 1); $figures++) {
            self::assertGreaterThan(BatchSize::MAY_WAIT, $waits($figures), "with {$figures} one still waits");
        }
        self::assertTrue($enough === null || $waits($enough) <= BatchSize::MAY_WAIT);
    }
}
