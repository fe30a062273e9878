<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that matters, as it happened. Entries are only ever added.
 *
 * @property int $id
 * @property int $studio_id
 * @property int|null $user_id
 * @property LogKind $kind
 * @property string $about
 * @property CarbonImmutable $at
 * @property-read User|null $user
 */
final class LogEntry extends StudioRow
{
    protected $table = 'log_entries';

    public $timestamps = false;

    protected $casts = ['kind' => LogKind::class, 'at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
