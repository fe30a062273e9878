<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property int $tier_id
 * @property int $surface_id
 * @property bool $names_criteria
 * @property int $position
 * @property array<string, mixed>|null $optional
 * @property int $revision
 * @property-read Tier $tier
 * @property-read Surface $surface
 * @property-read Collection<int, RequirementUse> $uses
 * @property-read Collection<int, Criterion> $criteria
 */
final class Requirement extends StudioRow
{
    protected $table = 'requirements';

    public $timestamps = false;

    protected $casts = ['optional' => GivenMembers::class, 'names_criteria' => 'boolean'];

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
