<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A second way in which the figures of a job belong together: the units of another game, the shelves of a display.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $job_id
 * @property string $name
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Job $job
 * @property-read Collection<int, GroupedFigure> $figures
 */
final class Grouping extends VersionedRow
{
    protected $table = 'groupings';

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return HasMany<GroupedFigure, $this> in the order in which groups were first named */
    public function figures(): HasMany
    {
        return $this->hasMany(GroupedFigure::class)->orderBy('id');
    }
}
