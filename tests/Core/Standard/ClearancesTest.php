<?php

declare(strict_types=1);

namespace Tests\Core\Standard;

use Core\Standard\Clearances;
use PHPUnit\Framework\TestCase;

final class ClearancesTest extends TestCase
{
    public function test_a_technique_is_theirs_up_to_a_tier_and_not_above(): void
    {
        $clearances = new Clearances(['freehand' => 2, 'base' => 0]);

        self::assertTrue($clearances->cover('freehand', 2));
        self::assertFalse($clearances->cover('freehand', 3));
        self::assertTrue($clearances->cover('base', 0));
        self::assertFalse($clearances->cover('wash', 0), 'what is not named is not theirs');
    }

    public function test_of_whom_nothing_is_said_nothing_is_said(): void
    {
        self::assertNull((new Clearances([]))->cover('base', 0));
    }
}
