<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A link by which somebody makes an account, once. Only the hash of what stands in the link is kept.
 *
 * @property int $id
 * @property int $studio_id
 * @property string $token_hash
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property int|null $signing_rank
 * @property int $invited_by
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $used_at
 * @property CarbonImmutable|null $withdrawn_at
 * @property-read User $inviter
 * @property-read Studio $studio
 */
final class Invitation extends StudioRow
{
    protected $table = 'invitations';

    protected $casts = ['role' => Role::class, 'expires_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime', 'withdrawn_at' => 'immutable_datetime'];

    public function isOpen(): bool
    {
        return $this->used_at === null && $this->withdrawn_at === null && $this->expires_at->isFuture();
    }

    /** @return BelongsTo<User, $this> */
    public function inviter(): BelongsTo
    {
        return $this->belongsTo(User::class, 'invited_by');
    }

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }
}
