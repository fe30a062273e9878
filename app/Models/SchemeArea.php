<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $scheme_id
 * @property string $area
 * @property string $figure_type
 * @property bool $takes_shared_light
 * @property bool $quiet
 * @property string $turn
 * @property string $note
 * @property string $same_as
 * @property string $surface
 * @property int $position
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Scheme $scheme
 * @property-read Collection<int, SchemeStep> $steps
 */
final class SchemeArea extends VersionedRow
{
    protected $table = 'scheme_areas';

    protected $casts = ['takes_shared_light' => 'boolean', 'quiet' => 'boolean'];

    /** @return BelongsTo<Scheme, $this> */
    public function scheme(): BelongsTo
    {
        return $this->belongsTo(Scheme::class);
    }

    /** @return HasMany<SchemeStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(SchemeStep::class)->orderBy('position');
    }
}
