<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\Resource;
use App\Models\FigureType;

/**
 * @phpstan-import-type FigureType_ from FigureTypesResource
 */
final readonly class FigureTypeResource extends Resource
{
    public function __construct(private FigureType $type)
    {
    }

    /** @return FigureType_ */
    public function toArray(): array
    {
        return FigureTypesResource::type($this->type);
    }
}
