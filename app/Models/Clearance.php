<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A technique that somebody may do unsupervised, up to a rank of tier.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $user_id
 * @property string $technique id of the technique in the standard
 * @property int $up_to_rank
 * @property int $given_by
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $giver
 */
final class Clearance extends StudioRow
{
    protected $table = 'clearances';

    /** @return BelongsTo<User, $this> */
    public function giver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'given_by');
    }
}
