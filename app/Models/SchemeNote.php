<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $scheme_id
 * @property int $user_id
 * @property string $kind
 * @property string $area
 * @property string $text
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 */
final class SchemeNote extends StudioRow
{
    public const DEPARTURE = 'departure';

    public const KEPT = 'kept';

    public const SUBSTITUTE = 'substitute';

    protected $table = 'scheme_notes';

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
