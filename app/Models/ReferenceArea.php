<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\PieceCounts;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

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
