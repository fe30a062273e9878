<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;
use Core\Colour\Srgb;
use Core\Scheme\Substitute as CoreSubstitute;

/**
 * A colour read from a picture, and the paints nearest to it.
 *
 * @phpstan-import-type Substitute_ from SubstitutesResource
 *
 * @phpstan-type PickedColour array{hex: string, lab: list<float>, seen: string, nearest: list<Substitute_>}
 */
final readonly class PickedColourResource extends Resource
{
    /**
     * @param  Srgb  $seen as it stands in the picture
     * @param  Srgb  $colour as it would be in plain light
     * @param  list<CoreSubstitute>  $nearest
     */
    public function __construct(
        private Srgb $seen,
        private Srgb $colour,
        private array $nearest,
    ) {
    }

    /** @return PickedColour */
    public function toArray(): array
    {
        return [
            'hex' => $this->colour->hex(),
            'lab' => array_map(static fn (float $each): float => round($each, 1), $this->colour->lab()->toArray()),
            'seen' => $this->seen->hex(),
            'nearest' => array_map(SubstitutesResource::one(...), $this->nearest),
        ];
    }
}
