<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\PieceCounts;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property int $surface_id
 * @property string $key
 * @property float $share
 * @property array<array-key, int>|null $features
 * @property int $position
 * @property-read Surface $surface
 */
final class ReferenceArea extends StudioRow
{
    protected $table = 'reference_areas';

    public $timestamps = false;

    protected $casts = ['features' => PieceCounts::class];

    /** @return BelongsTo<Surface, $this> */
    public function surface(): BelongsTo
    {
        return $this->belongsTo(Surface::class);
    }
}
