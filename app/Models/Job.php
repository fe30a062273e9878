<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

final class Job extends StudioRow
{
    protected $table = 'jobs';

    protected $casts = ['due' => 'immutable_date'];

    /** @return BelongsTo<Force, $this> */
    public function force(): BelongsTo
    {
        return $this->belongsTo(Force::class);
    }

    /** @return BelongsTo<StandardVersion, $this> */
    public function standardVersion(): BelongsTo
    {
        return $this->belongsTo(StandardVersion::class);
    }

    /** @return HasMany<Unit, $this> */
    public function units(): HasMany
    {
        return $this->hasMany(Unit::class)->orderBy('position');
    }

    /** @return HasMany<FigureType, $this> */
    public function figureTypes(): HasMany
    {
        return $this->hasMany(FigureType::class);
    }

    /** @return HasMany<JobMix, $this> */
    public function mixes(): HasMany
    {
        return $this->hasMany(JobMix::class);
    }

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    /** @return HasManyThrough<Figure, Unit, $this> */
    public function figures(): HasManyThrough
    {
        return $this->hasManyThrough(Figure::class, Unit::class);
    }

    public function studioTimeZone(): string
    {
        return $this->studio->time_zone;
    }
}
