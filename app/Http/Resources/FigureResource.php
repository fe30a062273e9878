<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Figure;

/**
 * @phpstan-type FigureRow array{id: int, number: int, state: string, version: int}
 */
final readonly class FigureResource extends Resource
{
    public function __construct(private Figure $figure)
    {
    }

    /** @return FigureRow */
    public function toArray(): array
    {
        return ['id' => $this->figure->id, 'number' => $this->figure->number, 'state' => $this->figure->state->value, 'version' => $this->figure->version];
    }
}
