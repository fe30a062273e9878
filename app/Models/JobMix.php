<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

final class JobMix extends StudioRow
{
    protected $table = 'job_mixes';

    /** @return HasMany<JobMixPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(JobMixPart::class)->orderBy('position');
    }
}
