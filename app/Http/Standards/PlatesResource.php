<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Schemes\SurfacePlate;
use App\Http\Shared\Resource;
use Core\Standard\Standard;
use Core\Standard\Tier;

/**
 * The plates of one surface, from the lowest tier up; tiers that ask nothing have none.
 *
 * @phpstan-import-type Plate from PlateParts
 */
final readonly class PlatesResource extends Resource
{
    /** @param  list<SurfacePlate>  $inColours of a scheme; none: in greys */
    public function __construct(
        private Standard $standard,
        private string $surface,
        private array $inColours,
    ) {
    }

    /** @return list<Plate> */
    public function toArray(): array
    {
        $parts = new PlateParts($this->standard);
        $plates = $this->inColours === []
            ? array_map(fn (Tier $tier): ?array => $parts->of($tier->id, $this->surface), $this->standard->tiersByRank())
            : array_map(fn (SurfacePlate $one): ?array => $one->plate === null ? null : $parts->drawn($one->tier->id, $this->surface, $one->plate), $this->inColours);

        return array_values(array_filter($plates, static fn (?array $plate): bool => $plate !== null));
    }
}
