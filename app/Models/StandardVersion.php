<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Document\Standard\PieceKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_id
 * @property string $label
 * @property VersionState $state
 * @property CarbonImmutable|null $in_force_at
 * @property int|null $in_force_by
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property int $revision
 * @property int $order_revision
 * @property int|null $based_on_id
 * @property string $in_force_why
 * @property-read Standard $standard
 * @property-read User|null $forcer
 * @property-read Collection<int, StandardPiece> $surfaces
 * @property-read Collection<int, Tier> $tiers
 */
final class StandardVersion extends StudioRow
{
    protected $table = 'standard_versions';

    protected $casts = ['state' => VersionState::class, 'in_force_at' => 'immutable_datetime'];

    /** The version that new work follows; null: the studio has put none in force yet. */
    public static function inForce(): ?self
    {
        return self::query()->where('state', VersionState::InForce)->orderByDesc('in_force_at')->first();
    }

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

    /** @return HasMany<StandardPiece, $this> */
    public function surfaces(): HasMany
    {
        return $this->hasMany(StandardPiece::class)->where('kind', PieceKind::Surface)->orderBy('position');
    }

    /** @return HasMany<Tier, $this> */
    public function tiers(): HasMany
    {
        return $this->hasMany(Tier::class)->orderBy('id');
    }
}
