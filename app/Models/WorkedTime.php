<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What somebody took for a step on some figures.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property int $unit_id
 * @property string $area of several laid in one go, all of them
 * @property string $use
 * @property string $technique
 * @property non-empty-list<int> $figures ids
 * @property float|null $minutes on all of them; null: nobody knows, the clock was left running
 * @property float $allowed minutes for all of them
 * @property int $version
 * @property Carbon|null $created_at
 * @property-read User $user
 */
final class WorkedTime extends VersionedRow
{
    protected $table = 'worked_times';

    protected $casts = ['figures' => 'array', 'minutes' => 'float', 'allowed' => 'float'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
