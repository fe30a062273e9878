<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $figure_id
 * @property int $round
 * @property RoundState $state
 * @property string $signature
 * @property int $opened_by
 * @property CarbonImmutable|null $closed_at
 * @property int|null $closed_by
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Figure $figure
 * @property-read User $opener
 * @property-read User|null $closer
 * @property-read Collection<int, CheckAction> $actions
 * @property-read Collection<int, Fault> $faults
 */
final class Check extends VersionedRow
{
    protected $table = 'checks';

    protected $casts = ['state' => RoundState::class, 'closed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Figure, $this> */
    public function figure(): BelongsTo
    {
        return $this->belongsTo(Figure::class);
    }

    /** @return BelongsTo<User, $this> */
    public function opener(): BelongsTo
    {
        return $this->belongsTo(User::class, 'opened_by');
    }

    /** @return BelongsTo<User, $this> */
    public function closer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'closed_by');
    }

    /** @return HasMany<CheckAction, $this> */
    public function actions(): HasMany
    {
        return $this->hasMany(CheckAction::class)->orderBy('number');
    }

    /** @return HasMany<Fault, $this> */
    public function faults(): HasMany
    {
        return $this->hasMany(Fault::class)->orderBy('id');
    }
}
