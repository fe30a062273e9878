<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A finding about a scheme that is meant so.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $scheme_id
 * @property string $figure_type
 * @property string $code
 * @property string $area
 * @property string $place
 * @property string $reason
 * @property int $user_id
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 */
final class SchemeAcceptance extends StudioRow
{
    protected $table = 'scheme_acceptances';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
