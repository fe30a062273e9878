<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One deed in a draft: the pieces that it changed, each as it was and as it became.
 *
 * @phpstan-type ChangedPiece array{
 *   kind: string,
 *   id: string,
 *   surface: string,
 *   before: array<array-key, mixed>|null,
 *   after: array<array-key, mixed>|null,
 * }
 *
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property int $number of its draft, by the database
 * @property int $user_id
 * @property list<ChangedPiece> $pieces
 * @property bool $undone
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 */
final class StandardChange extends StudioRow
{
    protected $table = 'standard_changes';

    protected $casts = ['pieces' => 'array', 'undone' => 'boolean'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
