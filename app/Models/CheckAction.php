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
 * @property int $check_id
 * @property int $number of its check, by the database
 * @property int $user_id
 * @property CheckDeed $kind
 * @property string|null $side
 * @property CarbonImmutable|null $undone_at
 * @property int|null $undone_by
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 * @property-read Collection<int, CheckAnswer> $answers
 */
final class CheckAction extends StudioRow
{
    protected $table = 'check_actions';

    protected $casts = ['kind' => CheckDeed::class, 'undone_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<CheckAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(CheckAnswer::class);
    }
}
