<?php

declare(strict_types=1);

namespace Tests\Core\Colour;

use Core\Colour\HueWords;
use Core\Colour\Lab;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HueWordsTest extends TestCase
{
    /** Just before and just at where each name begins. */
    #[TestWith([0.0, 'red', 'orange', 'pink'])]
    #[TestWith([39.9, 'red', 'orange', 'pink'])]
    #[TestWith([40.1, 'orange', 'yellow', 'red'])]
    #[TestWith([64.9, 'orange', 'yellow', 'red'])]
    #[TestWith([65.1, 'yellow', 'green', 'orange'])]
    #[TestWith([105.1, 'green', 'blue', 'yellow'])]
    #[TestWith([189.9, 'green', 'blue', 'yellow'])]
    #[TestWith([190.1, 'blue', 'purple', 'green'])]
    #[TestWith([289.9, 'blue', 'purple', 'green'])]
    #[TestWith([290.1, 'purple', 'pink', 'blue'])]
    #[TestWith([344.9, 'purple', 'pink', 'blue'])]
    #[TestWith([345.1, 'red', 'orange', 'pink'])]
    public function test_a_hue_has_a_name_and_two_neighbours(float $degrees, string $name, string $grows, string $falls): void
    {
        $colour = new Lab(50, 40 * cos(deg2rad($degrees)), 40 * sin(deg2rad($degrees)));

        self::assertSame([$name, $grows, $falls], [HueWords::of($colour), HueWords::toward($colour, true), HueWords::toward($colour, false)]);
    }
}
