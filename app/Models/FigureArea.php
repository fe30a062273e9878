<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\TextList;
use Core\Listing\AreaWeight;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $figure_type_id
 * @property int|null $figure_part_id
 * @property string $key
 * @property string $surface
 * @property bool $unsure whether the surface is a guess
 * @property float $share
 * @property int $depth
 * @property bool $focal
 * @property list<string> $sides
 * @property list<string> $places names of places on it
 * @property int $position
 * @property int|null $sits_on_id
 * @property AreaWeight|null $weight where it was sized by a word
 * @property-read FigurePart|null $part
 * @property-read FigureArea|null $sitsOn
 * @property-read Collection<int, AreaFeature> $features
 * @property-read Collection<int, FigureArea> $neighbours
 */
final class FigureArea extends StudioRow
{
    protected $table = 'figure_areas';

    public $timestamps = false;

    protected $casts = ['focal' => 'boolean', 'unsure' => 'boolean', 'sides' => TextList::class, 'places' => TextList::class, 'weight' => AreaWeight::class];

    /** @return BelongsTo<FigurePart, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(FigurePart::class, 'figure_part_id');
    }

    /** @return BelongsTo<FigureArea, $this> */
    public function sitsOn(): BelongsTo
    {
        return $this->belongsTo(self::class, 'sits_on_id');
    }

    /** @return HasMany<AreaFeature, $this> */
    public function features(): HasMany
    {
        return $this->hasMany(AreaFeature::class);
    }

    /** @return BelongsToMany<FigureArea, $this> */
    public function neighbours(): BelongsToMany
    {
        return $this->belongsToMany(FigureArea::class, 'area_neighbours', 'figure_area_id', 'neighbour_id')->orderBy('figure_areas.position');
    }
}
