<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property int|null $figure_type_id
 * @property int|null $scheme_id
 * @property string $area
 * @property string $use
 * @property int $step
 * @property float $water
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Collection<int, JobMixPart> $parts
 */
final class JobMix extends VersionedRow
{
    protected $table = 'job_mixes';

    /** @return HasMany<JobMixPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(JobMixPart::class)->orderBy('position');
    }
}
