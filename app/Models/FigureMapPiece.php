<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where one piece of an area is on a map.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_map_id
 * @property int $figure_area_id
 * @property string $feature
 * @property float $x from the left, 0 to 1
 * @property float $y from above, 0 to 1
 * @property string $name
 * @property-read FigureArea $area
 */
final class FigureMapPiece extends StudioRow
{
    protected $table = 'figure_map_pieces';

    public $timestamps = false;

    /** @return BelongsTo<FigureArea, $this> */
    public function area(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class, 'figure_area_id');
    }
}
