<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_id
 * @property string $label
 * @property string $state
 * @property float|null $reference_size
 * @property bool $has_reference
 * @property CarbonImmutable|null $in_force_at
 * @property int|null $in_force_by
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property array<string, mixed>|null $optional
 * @property int $revision
 * @property int $head_revision
 * @property int $order_revision
 * @property int|null $based_on_id
 * @property string $in_force_why
 * @property-read Standard $standard
 * @property-read User|null $forcer
 * @property-read Collection<int, Surface> $surfaces
 * @property-read Collection<int, Technique> $techniques
 * @property-read Collection<int, Tier> $tiers
 * @property-read Collection<int, Requirement> $requirements
 * @property-read Collection<int, ReferenceArea> $referenceAreas
 */
final class StandardVersion extends StudioRow
{
    protected $table = 'standard_versions';

    protected $casts = ['has_reference' => 'boolean', 'optional' => GivenMembers::class, 'in_force_at' => 'immutable_datetime'];

    /** @return BelongsTo<Standard, $this> */
    public function standard(): BelongsTo
    {
        return $this->belongsTo(Standard::class);
    }

    /** @return BelongsTo<User, $this> who put it in force */
    public function forcer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'in_force_by');
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
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
