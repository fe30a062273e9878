<?php

declare(strict_types=1);

namespace Tests\Cli;

use Cli\Command\Rework;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The command `rework` on a cream plate over brown: what is done again, and the minutes of the share that is at fault. */
final class ReworkTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $fault
     * @param  list<string>  $steps
     */
    #[TestWith([['layer' => 'shade', 'extent' => 0.5], null, ['cream', 'shade', 'light'], 8.5])]
    #[TestWith([['layer' => 'light', 'extent' => 1], null, ['light'], 3.0])]
    #[TestWith([['spill' => true, 'extent' => 0.25], null, ['light'], 0.75])]
    #[TestWith([['spill' => true, 'extent' => 0.25], 2, ['cream', 'shade'], 3.5])]
    #[TestWith([['spill' => true, 'extent' => 0], 0, ['brown'], 0.0])]
    public function test_steps_and_minutes(array $fault, ?int $laid, array $steps, float $minutes): void
    {
        $layers = [['id' => 'cream', 'opacity' => 'opaque', 'minutes' => 10], ['id' => 'shade', 'opacity' => 'transparent', 'minutes' => 4], ['id' => 'light', 'opacity' => 'opaque', 'minutes' => 3]];
        $answer = (new Rework)->run(['ground' => ['id' => 'brown', 'minutes' => 2], 'layers' => $layers, 'fault' => $fault] + ($laid === null ? [] : ['laid' => $laid]));

        self::assertSame($steps, $answer['steps']);
        self::assertEqualsWithDelta($minutes, $answer['minutes'], 1e-9);
    }
}
