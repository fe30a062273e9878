<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $scheme_area_id
 * @property string $role
 * @property string $use
 * @property int $use_step
 * @property float $cover
 * @property int $coats
 * @property float $water
 * @property int $position
 * @property-read Collection<int, SchemeStepPart> $parts
 */
final class SchemeStep extends StudioRow
{
    /** Role of a step that is no rung but what one use alone is painted with. */
    public const OF_A_USE = 'use';

    protected $table = 'scheme_steps';

    public $timestamps = false;

    /** @return HasMany<SchemeStepPart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(SchemeStepPart::class)->orderBy('position');
    }
}
