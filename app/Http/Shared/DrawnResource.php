<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Export\Drawn;

/**
 * How far the pictures of a paper are drawn.
 *
 * @phpstan-type DrawnCount array{drawn: int, of: int}
 */
final readonly class DrawnResource extends Resource
{
    /** Who waits is told how far it is about so often. */
    public const SECONDS = 0.7;

    public function __construct(private Drawn $drawn)
    {
    }

    /** @return DrawnCount */
    public function toArray(): array
    {
        return ['drawn' => $this->drawn->drawn, 'of' => $this->drawn->of];
    }
}
