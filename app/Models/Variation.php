<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

final class Variation extends StudioRow
{
    protected $table = 'variations';

    /** @return BelongsTo<FigureArea, $this> */
    public function figureArea(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }
}
