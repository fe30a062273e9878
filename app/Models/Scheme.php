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
 * @property int $force_id
 * @property int|null $common_id
 * @property string $name
 * @property int|null $ground_paint_id
 * @property int|null $sketch_paint_id
 * @property float $sketch_cover
 * @property int|null $light_paint_id
 * @property float $light_own
 * @property float $light_parts
 * @property int $light_reach
 * @property string $last_light
 * @property string $light_from
 * @property list<string>|null $focal
 * @property bool $one_colour
 * @property string $accents
 * @property string $note
 * @property string|null $picture
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Force $force
 * @property-read Scheme|null $common
 * @property-read Paint|null $groundPaint
 * @property-read Paint|null $sketchPaint
 * @property-read Paint|null $lightPaint
 * @property-read Collection<int, SchemeArea> $areas
 * @property-read Collection<int, SchemeNote> $notes
 */
final class Scheme extends VersionedRow
{
    protected $table = 'schemes';

    protected $casts = ['focal' => 'array', 'one_colour' => 'boolean'];

    /** @return BelongsTo<Force, $this> */
    public function force(): BelongsTo
    {
        return $this->belongsTo(Force::class);
    }

    /** @return BelongsTo<self, $this> */
    public function common(): BelongsTo
    {
        return $this->belongsTo(self::class);
    }

    /** @return BelongsTo<Paint, $this> */
    public function groundPaint(): BelongsTo
    {
        return $this->belongsTo(Paint::class);
    }

    /** @return BelongsTo<Paint, $this> */
    public function sketchPaint(): BelongsTo
    {
        return $this->belongsTo(Paint::class);
    }

    /** @return BelongsTo<Paint, $this> */
    public function lightPaint(): BelongsTo
    {
        return $this->belongsTo(Paint::class);
    }

    /** @return HasMany<SchemeArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(SchemeArea::class)->orderBy('position')->orderBy('id');
    }

    /** @return HasMany<SchemeNote, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(SchemeNote::class)->orderByDesc('id');
    }
}
