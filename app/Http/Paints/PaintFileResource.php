<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;

/**
 * What a file of paints brings.
 *
 * @phpstan-type PaintFile array{new: list<string>, changed: list<string>, alike: int, taken: bool}
 */
final readonly class PaintFileResource extends Resource
{
    /** @param  PaintFile  $read */
    public function __construct(private array $read)
    {
    }

    /** @return PaintFile */
    public function toArray(): array
    {
        return $this->read;
    }
}
