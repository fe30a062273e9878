<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class Studio extends Model
{
    protected $guarded = [];

    protected $casts = ['allows_self_check' => 'boolean', 'single_keys' => 'boolean'];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }
}
