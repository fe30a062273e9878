<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property string $name
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Collection<int, Job> $jobs
 * @property-read Collection<int, Scheme> $schemes
 */
final class Force extends StudioRow
{
    protected $table = 'forces';

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return HasMany<Scheme, $this> */
    public function schemes(): HasMany
    {
        return $this->hasMany(Scheme::class)->orderByRaw('common_id IS NOT NULL, name');
    }
}
