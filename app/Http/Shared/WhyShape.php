<?php

declare(strict_types=1);

namespace App\Http\Shared;

/**
 * What opens when one asks why.
 *
 * @phpstan-type Why array{inputs: list<array{name: string, value: string}>, rule: string, source: string}
 * @phpstan-type Person array{id: int, name: string}
 * @phpstan-type Limits array{critical: int, major: int, minor: int}
 */
final readonly class WhyShape
{
}
