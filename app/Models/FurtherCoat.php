<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Coats that a figure has beyond what is asked for.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_id
 * @property string $area
 * @property string $use
 * @property int $coats at least 1
 * @property int $user_id who said so
 * @property Carbon|null $updated_at
 * @property-read User $user
 */
final class FurtherCoat extends StudioRow
{
    protected $table = 'further_coats';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
