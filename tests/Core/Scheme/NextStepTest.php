<?php

declare(strict_types=1);

namespace Tests\Core\Scheme;

use Core\Scheme\NextStep;
use Core\Scheme\RungRole;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NextStepTest extends TestCase
{
    /** @param  list<array{string, float}>  $steps */
    #[TestWith([[], 'base', 1.0], 'nothing yet')]
    #[TestWith([[['ground', 1.0]], 'base', 1.0], 'a ground is no base')]
    #[TestWith([[['shade', 0.9], ['light', 0.5]], 'base', 1.0], 'lights without a base')]
    #[TestWith([[['base', 1.0]], 'shade', 0.9])]
    #[TestWith([[['base', 1.0], ['shade', 0.3]], 'light', 0.5])]
    #[TestWith([[['base', 1.0], ['light', 0.4]], 'light', 0.24], 'who began with lights gets no shade')]
    #[TestWith([[['base', 1.0], ['relight', 0.6]], 'shade', 0.9], 'a relight is over a shade that is missing')]
    #[TestWith([[['base', 1.0], ['shade', 0.9], ['relight', 0.6]], 'light', 0.36], 'over a relight less than it')]
    #[TestWith([[['base', 1.0], ['light', 0.4], ['light', 0.2], ['ground', 1.0]], 'light', 0.12], 'the last light counts')]
    #[TestWith([[['base', 1.0], ['light', 0.02]], 'light', 0.012])]
    #[TestWith([[['base', 1.0], ['light', 0.01]], 'light', 0.01], 'never nothing')]
    public function test_a_ladder_gets_what_it_has_not_and_then_smaller_lights(array $steps, string $role, float $cover): void
    {
        $next = NextStep::after(array_map(static fn (array $step): array => ['role' => RungRole::from($step[0]), 'cover' => $step[1]], $steps));

        self::assertSame([$role, $cover], [$next->role->value, $next->cover]);
    }
}
