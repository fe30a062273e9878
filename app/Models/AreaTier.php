<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

final class AreaTier extends StudioRow
{
    protected $table = 'area_tiers';

    /** @return BelongsTo<Tier, $this> */
    public function tier(): BelongsTo
    {
        return $this->belongsTo(Tier::class);
    }

    /** @return BelongsTo<FigureArea, $this> */
    public function figureArea(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class);
    }
}
