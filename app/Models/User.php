<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
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
 * @property int $version
 * @property CarbonImmutable|null $ended_at
 * @property string|null $second_factor secret in Base32, encrypted in the database
 * @property CarbonImmutable|null $second_factor_at since when it is asked for; null: it is not
 * @property int $second_factor_step
 * @property list<string>|null $recovery_codes hashes of those not used yet
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Studio $studio
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'second_factor', 'recovery_codes'];

    protected $casts = [
        'password' => 'hashed', 'role' => Role::class, 'ended_at' => 'immutable_datetime',
        'second_factor' => 'encrypted', 'second_factor_at' => 'immutable_datetime', 'recovery_codes' => 'array',
    ];

    /** @return BelongsTo<Studio, $this> */
    public function studio(): BelongsTo
    {
        return $this->belongsTo(Studio::class);
    }

    public function asksSecondFactor(): bool
    {
        return $this->second_factor_at !== null;
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
