<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property string $time_zone
 * @property string $currency
 * @property bool $allows_self_check
 * @property bool $single_keys
 * @property bool $requires_second_factor
 * @property array<string, float>|null $scheme_rules numbers that differ from what is usual
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Collection<int, User> $users
 */
final class Studio extends Model
{
    protected $guarded = [];

    protected $casts = ['allows_self_check' => 'boolean', 'single_keys' => 'boolean', 'requires_second_factor' => 'boolean', 'scheme_rules' => 'array'];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }
}
