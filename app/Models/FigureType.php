<?php

declare(strict_types=1);

namespace App\Models;

use Core\Composition\Difficulty;
use Core\Composition\SizeClass;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int|null $job_id
 * @property string $key
 * @property string $name
 * @property SizeClass $size_class
 * @property Difficulty $difficulty
 * @property bool $retired never of a job's copy
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Collection<int, FigureArea> $areas
 * @property-read Collection<int, FigurePart> $parts
 * @property-read Collection<int, Unit> $units
 */
final class FigureType extends VersionedRow
{
    protected $table = 'figure_types';

    protected $casts = ['size_class' => SizeClass::class, 'difficulty' => Difficulty::class, 'retired' => 'boolean'];

    /** @throws ModelNotFoundException if it is a job's copy */
    public function ofStudio(): self
    {
        return $this->belongingTo(null);
    }

    /** @throws ModelNotFoundException if it is not this job's copy */
    public function ofJob(Job $job): self
    {
        return $this->belongingTo($job->id);
    }

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

    private function belongingTo(?int $job): self
    {
        return $this->job_id === $job ? $this : throw (new ModelNotFoundException)->setModel(self::class, [$this->id]);
    }
}
