<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class Requirement extends StudioRow
{
    protected $table = 'requirements';

    public $timestamps = false;

    protected $casts = ['names_criteria' => 'boolean'];

    /** @return BelongsTo<Tier, $this> */
    public function tier(): BelongsTo
    {
        return $this->belongsTo(Tier::class);
    }

    /** @return BelongsTo<Surface, $this> */
    public function surface(): BelongsTo
    {
        return $this->belongsTo(Surface::class);
    }

    /** @return HasMany<RequirementUse, $this> */
    public function uses(): HasMany
    {
        return $this->hasMany(RequirementUse::class)->orderBy('position');
    }

    /** @return HasMany<Criterion, $this> */
    public function criteria(): HasMany
    {
        return $this->hasMany(Criterion::class)->orderBy('position');
    }
}
