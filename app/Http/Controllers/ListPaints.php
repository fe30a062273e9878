<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\PaintsResource;
use App\Models\Paint;

/** Paints of the studio. */
final readonly class ListPaints
{
    public function __invoke(AnybodyRequest $request): PaintsResource
    {
        return new PaintsResource(array_values(Paint::query()->orderBy('name')->get()->all()));
    }
}
