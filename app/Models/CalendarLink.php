<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which somebody's calendar reads their plan. Only its hash is kept.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property string $token_hash
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property-read User $user
 */
final class CalendarLink extends StudioRow
{
    protected $table = 'calendar_links';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
