<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $job_mix_id
 * @property int $paint_id
 * @property float $parts
 * @property int $position
 * @property-read Paint $paint
 */
final class JobMixPart extends StudioRow
{
    protected $table = 'job_mix_parts';

    public $timestamps = false;

    /** @return BelongsTo<Paint, $this> */
    public function paint(): BelongsTo
    {
        return $this->belongsTo(Paint::class);
    }
}
