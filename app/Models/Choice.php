<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

final class Choice extends StudioRow
{
    protected $table = 'choices';

    /** @return BelongsTo<FigureArea, $this> */
    public function figureArea(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class);
    }
}
