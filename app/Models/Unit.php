<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property int $figure_type_id
 * @property int $tier_id
 * @property int|null $painter_id
 * @property int|null $scheme_id
 * @property string $name
 * @property string $note
 * @property int $position
 * @property int $version
 * @property-read int|null $figures_count where they were counted
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Job $job
 * @property-read FigureType $figureType
 * @property-read Tier $tier
 * @property-read User|null $painter
 * @property-read Collection<int, Figure> $figures
 * @property-read Collection<int, AreaTier> $areaTiers
 * @property-read Collection<int, AreaSchool> $areaSchools
 * @property-read Collection<int, Variation> $variations
 * @property-read Collection<int, Choice> $choices
 */
final class Unit extends VersionedRow
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

    /** @return HasMany<AreaSchool, $this> */
    public function areaSchools(): HasMany
    {
        return $this->hasMany(AreaSchool::class);
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
