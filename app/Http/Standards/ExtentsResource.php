<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Resource;
use Core\Standard\Standard;

/**
 * A technique on a surface at each extent, from a few spots to everywhere; the extent stands for the tier.
 *
 * @phpstan-import-type Plate from PlateParts
 */
final readonly class ExtentsResource extends Resource
{
    public function __construct(
        private Standard $standard,
        private string $surface,
        private string $technique,
    ) {
    }

    /** @return list<Plate> */
    public function toArray(): array
    {
        return (new PlateParts($this->standard))->extents($this->surface, $this->technique);
    }
}
