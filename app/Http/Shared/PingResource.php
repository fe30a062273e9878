<?php

declare(strict_types=1);

namespace App\Http\Shared;

/**
 * The smallest answer, to measure others against.
 *
 * @phpstan-type Ping array{ok: true}
 */
final readonly class PingResource extends Resource
{
    /** @return Ping */
    public function toArray(): array
    {
        return ['ok' => true];
    }
}
