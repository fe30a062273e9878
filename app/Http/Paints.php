<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\PaintsResource;
use App\Models\Paint;

/** The paints of the studio as they are shown. */
final readonly class Paints
{
    public function all(): PaintsResource
    {
        return new PaintsResource(array_values(Paint::query()->orderBy('name')->get()->all()));
    }
}
