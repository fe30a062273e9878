<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;

/**
 * A person of a studio. Found by name and password before any studio is known, so it has no scope of
 * its own: lists of people go through {@see Studio::users()}.
 *
 * @property int $id
 * @property int $studio_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property int|null $signing_rank
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Studio $studio
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'role' => Role::class];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }

    /** Whether this person may sign figures of a tier of this rank. */
    public function maySignRank(int $rank): bool
    {
        return $this->isLead() || ($this->role === Role::Deputy && $this->signing_rank !== null && $rank <= $this->signing_rank);
    }
}
