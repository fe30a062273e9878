<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Models\Paint;

/** The paints of the studio as they are shown. */
final readonly class PaintPresenter
{
    public function all(): PaintsResource
    {
        return new PaintsResource(array_values(Paint::query()->orderBy('name')->get()->all()));
    }
}
