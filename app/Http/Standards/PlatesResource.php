<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Core\Standard\Standard;

/**
 * The plates of one surface, from the lowest tier up; tiers that ask nothing have none.
 *
 * @phpstan-import-type Plate from PlateParts
 */
final readonly class PlatesResource extends Resource
{
    public function __construct(
        private Standard $standard,
        private string $surface,
    ) {
    }

    /** @return list<Plate> */
    public function toArray(): array
    {
        $this->standard->surface($this->surface);
        $parts = new PlateParts($this->standard);
        $plates = array_map(fn ($tier): ?array => $parts->of($tier->id, $this->surface), $this->standard->tiersByRank());

        return array_values(array_filter($plates, static fn (?array $plate): bool => $plate !== null));
    }
}
