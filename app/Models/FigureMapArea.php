<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Which area a label of a map stands for.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_map_id
 * @property int $label
 * @property int $figure_area_id
 * @property-read FigureArea $area
 */
final class FigureMapArea extends StudioRow
{
    protected $table = 'figure_map_areas';

    public $timestamps = false;

    /** @return BelongsTo<FigureArea, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class, 'figure_area_id');
    }
}
