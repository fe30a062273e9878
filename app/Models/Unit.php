<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class Unit extends StudioRow
{
    protected $table = 'units';

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<FigureType, $this> */
    public function figureType(): BelongsTo
    {
        return $this->belongsTo(FigureType::class);
    }

    /** @return BelongsTo<Tier, $this> */
    public function tier(): BelongsTo
    {
        return $this->belongsTo(Tier::class);
    }

    /** @return BelongsTo<User, $this> */
    public function painter(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Figure, $this> */
    public function figures(): HasMany
    {
        return $this->hasMany(Figure::class)->orderBy('number');
    }

    /** @return HasMany<AreaTier, $this> */
    public function areaTiers(): HasMany
    {
        return $this->hasMany(AreaTier::class);
    }

    /** @return HasMany<Variation, $this> */
    public function variations(): HasMany
    {
        return $this->hasMany(Variation::class);
    }

    /** @return HasMany<Choice, $this> */
    public function choices(): HasMany
    {
        return $this->hasMany(Choice::class);
    }
}
