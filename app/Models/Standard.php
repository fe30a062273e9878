<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

final class Standard extends StudioRow
{
    protected $table = 'standards';

    /** @return HasMany<StandardVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(StandardVersion::class);
    }
}
