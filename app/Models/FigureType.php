<?php

declare(strict_types=1);

namespace App\Models;

use Core\Composition\SizeClass;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int|null $job_id
 * @property string $key
 * @property string $name
 * @property SizeClass $size_class
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Collection<int, FigureArea> $areas
 * @property-read Collection<int, FigurePart> $parts
 * @property-read Collection<int, Unit> $units
 */
final class FigureType extends StudioRow
{
    protected $table = 'figure_types';

    protected $casts = ['size_class' => SizeClass::class];

    /** @return HasMany<FigureArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(FigureArea::class)->orderBy('position');
    }

    /** @return HasMany<Unit, $this> */
    public function units(): HasMany
    {
        return $this->hasMany(Unit::class);
    }

    /** @return HasMany<FigurePart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(FigurePart::class)->orderBy('position');
    }
}
