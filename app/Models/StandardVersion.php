<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class StandardVersion extends StudioRow
{
    protected $table = 'standard_versions';

    protected $casts = ['in_force_at' => 'immutable_datetime'];

    /** @return BelongsTo<Standard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(Standard::class);
    }

    /** @return HasMany<Surface, $this> */
    public function surfaces(): HasMany
    {
        return $this->hasMany(Surface::class)->orderBy('position');
    }

    /** @return HasMany<Technique, $this> */
    public function techniques(): HasMany
    {
        return $this->hasMany(Technique::class)->orderBy('position');
    }

    /** @return HasMany<Tier, $this> */
    public function tiers(): HasMany
    {
        return $this->hasMany(Tier::class)->orderBy('position');
    }

    /** @return HasMany<Requirement, $this> */
    public function requirements(): HasMany
    {
        return $this->hasMany(Requirement::class)->orderBy('position');
    }

    /** @return HasMany<ReferenceArea, $this> */
    public function referenceAreas(): HasMany
    {
        return $this->hasMany(ReferenceArea::class)->orderBy('position');
    }
}
