<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;

/**
 * @phpstan-type Ladder array{id: string, name: string, about: string, tiers: int}
 */
final readonly class LaddersResource extends Resource
{
    /** @param  list<Ladder>  $ladders */
    public function __construct(private array $ladders)
    {
    }

    /** @return list<Ladder> */
    public function toArray(): array
    {
        return $this->ladders;
    }
}
